import { useEffect, useState } from 'react';
import type { Problem, Schema } from '../../core/contract';
import { api, call } from '../../store/api';
import { linkSecret } from './linkSecret';

/** What the link the page was opened with invites to; asked once. */
export function useInvitation() {
  const [secret] = useState(linkSecret);
  const [invited, setInvited] = useState<Schema<'InvitedTo'> | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  useEffect(() => {
    const look = call(() => api.POST('/api/invitations/look', { body: { secret } }));
    void look.then((answer) => (answer.ok ? setInvited(answer.data) : setProblem(answer.problem)));
  }, [secret]);
  return { secret, invited, problem };
}

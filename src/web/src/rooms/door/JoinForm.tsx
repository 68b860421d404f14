import { Button, Typography } from '@mui/material';
import { useState } from 'react';
import { otherMessage } from '../../shared/fieldMessage';
import { Form } from '../../shared/Form';
import { useAsk } from '../../shared/useAsk';
import { api, call } from '../../store/api';
import { InvitedTo } from './InvitedTo';
import { NamePassphrase } from './NamePassphrase';
import { useInvitation } from './useInvitation';

interface Props {
  onCodes: (codes: string[]) => void;
  onSignIn: () => void;
}

/** An invitation opened by someone who is not signed in: a new account, or their own. */
export function JoinForm({ onCodes, onSignIn }: Props) {
  const { secret, invited, problem } = useInvitation();
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const join = useAsk();

  const make = async () => {
    const made = await join.ask(() =>
      call(() => api.POST('/api/account/join', { body: { secret, name, passphrase } })),
    );
    if (made) onCodes(made.codes);
  };

  if (invited === null) {
    return (
      <>
        <Typography role={problem ? 'alert' : 'status'}>
          {problem?.detail ?? 'Looking at the link…'}
        </Typography>
        {problem && <Button onClick={onSignIn}>Sign in</Button>}
      </>
    );
  }
  return (
    <Form
      action="Join with a new account"
      onSubmit={() => void make()}
      busy={join.busy}
      error={otherMessage(join.problem, ['name', 'passphrase'])}
      more={<Button onClick={onSignIn}>I have an account here</Button>}
    >
      <InvitedTo invited={invited} />
      <NamePassphrase
        name={name}
        onName={setName}
        passphrase={passphrase}
        onPassphrase={setPassphrase}
        fresh
        problem={join.problem}
      />
    </Form>
  );
}

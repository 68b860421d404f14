import { Box, Button, Typography } from '@mui/material';
import { useNavigate } from 'react-router';
import { InvitedTo } from '../door/InvitedTo';
import { useInvitation } from '../door/useInvitation';
import { Section } from '../../shared/Section';
import { useAsk } from '../../shared/useAsk';
import { api, call } from '../../store/api';
import { useStore } from '../../store/StoreContext';
import { ProblemLine } from '../../shared/ProblemLine';

/** An invitation opened by someone who is signed in. */
export function JoinRoom() {
  const { sync } = useStore();
  const navigate = useNavigate();
  const { secret, invited, problem: unknown } = useInvitation();
  const { busy, problem: refused, ask } = useAsk();
  const problem = refused ?? unknown;

  const accept = async () => {
    const joined = await ask(() => call(() => api.POST('/api/invitations/accept', { body: { secret } })));
    if (!joined) return;
    sync.nudge();
    await navigate('/settings/party');
  };

  return (
    <Box sx={{ maxWidth: 560 }}>
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        Join a party
      </Typography>
      <Section label="Invitation">
        {invited && (
          <>
            <InvitedTo invited={invited} />
            <Button variant="contained" size="large" disabled={busy} onClick={() => void accept()}>
              Join it
            </Button>
          </>
        )}
        {problem && <ProblemLine>{problem.errors[0]?.message ?? problem.detail}</ProblemLine>}
      </Section>
    </Box>
  );
}

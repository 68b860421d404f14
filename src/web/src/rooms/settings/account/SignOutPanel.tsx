import { Button, Stack, Typography } from '@mui/material';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { Section } from '../../../shared/Section';
import { useAsk } from '../../../shared/useAsk';
import { api, call } from '../../../store/api';
import { useStore } from '../../../store/StoreContext';
import { ProblemLine } from '../../../shared/ProblemLine';

type Where = 'here' | 'everywhere';

/** Signing out takes the person's records off this device; what has not been sent is asked about first. */
export function SignOutPanel() {
  const { db, leave } = useStore();
  const waiting = useLiveQuery(() => db.outbox.count(), [db]) ?? 0;
  const [sure, setSure] = useState<Where | null>(null);
  const { busy, problem, tell } = useAsk();
  const signOut = async (where: Where) => {
    const path = where === 'here' ? '/api/account/sign-out' : '/api/account/sign-out-everywhere';
    const done = await tell(() => call(() => api.POST(path)));
    if (done) await leave(true);
  };
  const begin = (where: Where) => (waiting > 0 ? setSure(where) : void signOut(where));
  return (
    <Section title="Sign out">
      <Typography>
        Your records are taken off this device; they stay on the server. Everywhere means every phone and
        laptop you have signed in on, at once when they next meet the server.
      </Typography>
      {problem && <ProblemLine>{problem.detail}</ProblemLine>}
      {sure !== null ? (
        <>
          <Typography role="alert" color="error" sx={{ fontWeight: 650 }}>
            {waiting === 1 ? '1 record has' : `${waiting} records have`} not reached the server and would be
            lost.
          </Typography>
          <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
            <Button variant="contained" onClick={() => setSure(null)}>
              Stay signed in
            </Button>
            <Button color="error" disabled={busy} onClick={() => void signOut(sure)}>
              Sign out and lose them
            </Button>
          </Stack>
        </>
      ) : (
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
          <Button variant="outlined" disabled={busy} onClick={() => begin('here')}>
            Sign out here
          </Button>
          <Button variant="outlined" color="error" disabled={busy} onClick={() => begin('everywhere')}>
            Sign out everywhere
          </Button>
        </Stack>
      )}
    </Section>
  );
}

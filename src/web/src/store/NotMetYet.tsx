import { Stack, Typography } from '@mui/material';
import { LoadingFrame } from '../shared/LoadingFrame';
import type { Missed } from './firstMeeting';

const why: Record<Missed, string> = {
  noServer: 'The server does not answer.',
  notOurServer:
    'What answers is not Jolly Brook’s server: perhaps the sign-in page of a network, or a server that is just starting.',
};

/** Nobody has signed in on this device, and the server can't be asked: what that means while it is asked again. */
export function NotMetYet({ missed }: { missed: Missed }) {
  return (
    <LoadingFrame role="alert">
      <Stack spacing={1.5}>
        <Typography variant="h2" component="p">
          {why[missed]}
        </Typography>
        <Typography>
          Nobody has signed in on this device yet, so there is nothing here to open. It needs the server once;
          after that everything works without a signal.
        </Typography>
        <Typography color="text.secondary">Asking again every few seconds …</Typography>
      </Stack>
    </LoadingFrame>
  );
}

import { Typography } from '@mui/material';
import { CoreFailed } from './CoreFailed';
import { LoadingFrame } from './LoadingFrame';

/** Shown for the moment before the core is there, and in its place if it can't be. */
export function LoadingScreen({ failure = null }: { failure?: string | null }) {
  return (
    <LoadingFrame role={failure ? 'alert' : 'status'}>
      {failure === null ? <Typography>Getting ready…</Typography> : <CoreFailed reason={failure} />}
    </LoadingFrame>
  );
}

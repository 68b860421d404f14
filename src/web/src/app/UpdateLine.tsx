import { Alert, Button } from '@mui/material';
import { useRunning } from '../store/RunningContext';
import { updateNow, useUpdateWaiting } from './update';

/** A newer version waits for a tap, and for the running batches: nothing changes under a clock. */
export function UpdateLine() {
  const waiting = useUpdateWaiting();
  const running = useRunning();
  if (!waiting) return null;
  const busy = running === undefined || running.length > 0;
  return (
    <Alert
      severity="info"
      variant="outlined"
      action={
        !busy && (
          <Button onClick={() => void updateNow()} color="inherit">
            Take it
          </Button>
        )
      }
    >
      {busy
        ? 'A newer version is here. You can take it when no batch is running.'
        : 'A newer version is here.'}
    </Alert>
  );
}

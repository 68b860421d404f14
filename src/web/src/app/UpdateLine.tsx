import { Alert, Button } from '@mui/material';
import { useRunning } from '../store/RunningContext';
import { updateNow, useNewerProgram } from '../program/update';

/** A newer version waits for a tap, and for the running batches: nothing changes under a clock. */
export function UpdateLine() {
  const newer = useNewerProgram();
  const running = useRunning();
  if (newer === 'none') return null;
  const busy = running === undefined || running.length > 0;
  const words =
    newer === 'taking'
      ? 'Taking the newer version …'
      : newer === 'held'
        ? 'The older version is still at work in another tab. Close every tab of Jolly Brook and open it again: nothing is lost.'
        : busy
          ? 'A newer version is here. You can take it when no batch is running.'
          : 'A newer version is here.';
  return (
    <Alert
      severity={newer === 'held' ? 'warning' : 'info'}
      variant="outlined"
      action={
        newer === 'waiting' &&
        !busy && (
          <Button onClick={() => void updateNow()} color="inherit">
            Take it
          </Button>
        )
      }
    >
      {words}
    </Alert>
  );
}

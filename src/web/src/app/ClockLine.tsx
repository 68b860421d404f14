import { Alert, Button } from '@mui/material';
import { useClockCautions, useClockWatch } from '../store/deviceClock';
import { trustClockFromHere } from '../store/seenClock';
import { isWaiting, useRunning } from '../store/RunningContext';
import { useStore } from '../store/StoreContext';

const looks = { danger: 'error', warning: 'warning', note: 'info' } as const;

/** Says when this device's clock is wrong or was changed: waits are counted by it. */
export function ClockLine() {
  const { db } = useStore();
  useClockWatch();
  const cautions = useClockCautions(useRunning()?.some(isWaiting) ?? false);
  if (cautions.length === 0) return null;
  return (
    <>
      {cautions.map(({ code, severity, message }) => (
        <Alert
          key={code}
          severity={looks[severity]}
          variant="outlined"
          // On a phone the answer stands under the words, not beside them.
          sx={{ flexWrap: { xs: 'wrap', sm: 'nowrap' }, '& .MuiAlert-message': { flex: 1 } }}
          action={
            // A clock that is off stays off until it is set right.
            code !== 'clock-off' && (
              <Button
                color="inherit"
                sx={{ whiteSpace: 'nowrap' }}
                onClick={() => void trustClockFromHere(db)}
              >
                I have seen to it
              </Button>
            )
          }
        >
          {message}
        </Alert>
      ))}
    </>
  );
}

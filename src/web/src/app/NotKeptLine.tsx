import { Alert, Button } from '@mui/material';
import { failures } from '../shared/failures';
import { useHeld } from '../shared/held';

/** Something the person did was not kept: they must know before they rely on it. */
export function NotKeptLine() {
  const message = useHeld(failures);
  if (message === null) return null;
  return (
    <Alert
      role="alert"
      severity="error"
      variant="filled"
      action={
        <Button color="inherit" onClick={failures.clear}>
          Close
        </Button>
      }
    >
      {message}
    </Alert>
  );
}

import { Alert, Button } from '@mui/material';
import { useSyncExternalStore } from 'react';
import { failures } from '../store/failures';

/** Something the person did was not kept: they must know before they rely on it. */
export function NotKeptLine() {
  const message = useSyncExternalStore(failures.subscribe, failures.current);
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

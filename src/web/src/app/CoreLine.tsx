import { Alert } from '@mui/material';
import { useSyncExternalStore } from 'react';
import { coreHealth } from '../core/coreHealth';
import { CoreFailed } from '../shared/CoreFailed';

/** Above every place while the core can't be asked. */
export function CoreLine() {
  const reason = useSyncExternalStore(coreHealth.subscribe, coreHealth.current);
  if (reason === null) return null;
  return (
    <Alert role="alert" severity="error" variant="outlined">
      <CoreFailed reason={reason} />
    </Alert>
  );
}

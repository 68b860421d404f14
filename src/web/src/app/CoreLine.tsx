import { Alert } from '@mui/material';
import { coreHealth } from '../core/coreHealth';
import { CoreFailed } from '../shared/CoreFailed';
import { useHeld } from '../shared/held';

/** Above every place while the core can't be asked. */
export function CoreLine() {
  const reason = useHeld(coreHealth);
  if (reason === null) return null;
  return (
    <Alert role="alert" severity="error" variant="outlined">
      <CoreFailed reason={reason} />
    </Alert>
  );
}

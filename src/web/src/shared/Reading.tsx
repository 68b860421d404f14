import { Typography } from '@mui/material';
import { useSyncExternalStore } from 'react';
import { coreHealth } from '../core/coreHealth';

/** A room whose records are being read: its name at once, and that it is coming. */
export function Reading({ what }: { what: string }) {
  const isStuck = useSyncExternalStore(coreHealth.subscribe, coreHealth.current) !== null;
  return (
    <>
      <Typography variant="h1" gutterBottom>
        {what}
      </Typography>
      <Typography role="status">{isStuck ? 'No answer.' : 'Reading what is kept on this device…'}</Typography>
    </>
  );
}

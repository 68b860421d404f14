import { Typography } from '@mui/material';
import { coreHealth } from '../core/coreHealth';
import { useHeld } from './held';

/** A room whose records are being read: its name at once, and that it is coming. */
export function Reading({ what }: { what: string }) {
  const isStuck = useHeld(coreHealth) !== null;
  return (
    <>
      <Typography variant="h1" gutterBottom>
        {what}
      </Typography>
      <Typography role="status">{isStuck ? 'No answer.' : 'Reading what is kept on this device…'}</Typography>
    </>
  );
}

import { Stack } from '@mui/material';
import { InstallPanel } from './InstallPanel';
import { KeptHere } from './KeptHere';
import { WaitingList } from './WaitingList';

/** What this device holds, what it still has to send, and how to have it at hand. */
export function DevicePage() {
  return (
    <Stack spacing={1.5}>
      <KeptHere />
      <WaitingList />
      <InstallPanel />
    </Stack>
  );
}

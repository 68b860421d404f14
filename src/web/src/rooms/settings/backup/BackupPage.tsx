import { Stack } from '@mui/material';
import { TakeIn } from './TakeIn';
import { TakeOut } from './TakeOut';

/** One's own book in one file. */
export function BackupPage() {
  return (
    <Stack spacing={1.5}>
      <TakeOut />
      <TakeIn />
    </Stack>
  );
}

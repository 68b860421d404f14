import CheckCircle from '@mui/icons-material/CheckCircle';
import DeleteOutline from '@mui/icons-material/DeleteOutlined';
import DoNotDisturbOn from '@mui/icons-material/DoNotDisturbOn';
import Inventory from '@mui/icons-material/Inventory2Outlined';
import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, Typography } from '@mui/material';
import type { BatchProgress } from '../core/contract';

function lookOf({ state }: BatchProgress, short: boolean) {
  switch (state) {
    case 'drinkable':
      return short
        ? { Icon: WarningAmber, colour: 'warning.main' }
        : { Icon: CheckCircle, colour: 'success.main' };
    case 'finished':
      return { Icon: Inventory, colour: 'text.secondary' };
    case 'discarded':
      return { Icon: DeleteOutline, colour: 'text.secondary' };
    default:
      return { Icon: DoNotDisturbOn, colour: 'error.main' };
  }
}

/** Whether it may be drunk: word, icon and colour together. */
export function BatchStateLine({ progress, short }: { progress: BatchProgress; short: boolean }) {
  const { Icon, colour } = lookOf(progress, short);
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, color: colour }}>
      <Icon aria-hidden />
      <Typography sx={{ fontWeight: 650 }}>{progress.words}</Typography>
    </Box>
  );
}

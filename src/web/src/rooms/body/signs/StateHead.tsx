import CheckCircle from '@mui/icons-material/CheckCircle';
import LocalHospital from '@mui/icons-material/LocalHospital';
import WaterDrop from '@mui/icons-material/WaterDrop';
import WbSunny from '@mui/icons-material/WbSunny';
import DoNotDisturbOn from '@mui/icons-material/DoNotDisturbOn';
import { Box, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';

/** How each state looks: an icon and a colour beside its words. */
export const stateLooks = {
  fine: { Icon: CheckCircle, colour: 'success.main', name: 'Fine' },
  drinkSoon: { Icon: WaterDrop, colour: 'primary.main', name: 'Drink soon' },
  runningShort: { Icon: WaterDrop, colour: 'warning.main', name: 'Short of water' },
  stopAndDrink: { Icon: WaterDrop, colour: 'error.main', name: 'Stop and drink' },
  overheating: { Icon: WbSunny, colour: 'error.main', name: 'Overheating' },
  tooMuch: { Icon: DoNotDisturbOn, colour: 'error.main', name: 'Too much drunk' },
  emergency: { Icon: LocalHospital, colour: 'error.main', name: 'Emergency' },
} satisfies Record<Schema<'WaterState'>, unknown>;

/** How somebody stands, as large as it matters. */
export function StateHead({ state, headline }: { state: Schema<'WaterState'>; headline: string }) {
  const { Icon, colour } = stateLooks[state];
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', color: colour }}>
      <Icon aria-hidden sx={{ fontSize: 36, flexShrink: 0 }} />
      <Typography
        component="p"
        data-testid="headline"
        sx={{ fontSize: '1.7rem', fontWeight: 800, lineHeight: 1.1 }}
      >
        {headline}
      </Typography>
    </Box>
  );
}

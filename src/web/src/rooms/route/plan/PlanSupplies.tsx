import Inventory2 from '@mui/icons-material/Inventory2';
import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, LinearProgress, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { Section } from '../../../shared/Section';

/** What the trip takes of the kit, fill by fill, and where it ends. */
export function PlanSupplies({ supplies }: { supplies: Schema<'PlanSupply'>[] }) {
  if (supplies.length === 0) return null;
  return (
    <Section title="What it takes of the kit">
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          p: 0,
          m: 0,
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: { md: '1fr 1fr' },
        }}
      >
        {supplies.map((supply) => (
          <Supply key={supply.id} supply={supply} />
        ))}
      </Box>
    </Section>
  );
}

function Supply({ supply }: { supply: Schema<'PlanSupply'> }) {
  const ends = supply.endsAt !== null;
  const Icon = ends ? WarningAmber : Inventory2;
  return (
    <Box component="li" sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start' }}>
      <Icon aria-hidden sx={{ color: ends ? 'error.main' : 'text.secondary', mt: 0.25 }} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography sx={{ fontWeight: 700 }}>{supply.name}</Typography>
        <Typography>{supply.words}</Typography>
        {supply.left !== null && supply.left > 0 && (
          <LinearProgress
            variant="determinate"
            aria-hidden
            color={ends ? 'error' : 'primary'}
            value={Math.min(100, (supply.used / supply.left) * 100)}
            sx={{ height: 8, borderRadius: 1, mt: 0.5 }}
          />
        )}
        {ends && (
          <Typography sx={{ fontWeight: 700, color: 'error.main' }}>
            Not enough from {supply.endsAt} on: {supply.more}
          </Typography>
        )}
      </Box>
    </Box>
  );
}

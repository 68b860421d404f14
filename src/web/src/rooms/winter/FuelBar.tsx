import { Box, Typography } from '@mui/material';
import { useCatalogue } from '../../store/CatalogueContext';
import type { Response, Schema } from '../../core/contract';
import { show } from '../../shared/units';

const shades: Record<Schema<'WinterUse'>, string> = {
  meals: 'primary.dark',
  flasks: 'primary.main',
  drinking: 'primary.light',
};

/** The night's fuel use by use, against what the stove has. */
export function FuelBar({ answer }: { answer: Response<'winter-night'> }) {
  const catalogue = useCatalogue();
  const { uses, fuelG, fuelLeftG, isFuelEnough } = answer;
  const whole = Math.max(fuelG, fuelLeftG ?? 0);
  if (whole === 0) return null;
  const share = (grams: number) => `${(100 * grams) / whole}%`;
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <Box
        aria-hidden
        sx={{
          position: 'relative',
          display: 'flex',
          height: 22,
          border: 1,
          borderColor: 'text.secondary',
          borderRadius: 1,
          overflow: 'hidden',
        }}
      >
        {uses.map((use) => (
          <Box key={use.use} sx={{ width: share(use.fuelG), bgcolor: shades[use.use] }} />
        ))}
        {fuelLeftG !== null && fuelLeftG < fuelG && (
          <Box
            sx={{
              position: 'absolute',
              left: share(fuelLeftG),
              right: 0,
              top: 0,
              bottom: 0,
              borderLeft: 3,
              borderColor: 'error.main',
              backgroundImage:
                'repeating-linear-gradient(45deg, transparent 0 5px, rgba(255,255,255,.75) 5px 8px)',
            }}
          />
        )}
      </Box>
      <Box
        component="ul"
        aria-label="Fuel"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'flex', flexWrap: 'wrap', columnGap: 2, rowGap: 0.25 }}
      >
        {uses.map((use) => (
          <Box component="li" key={use.use} sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
            <Box aria-hidden sx={{ width: 12, height: 12, borderRadius: 0.5, bgcolor: shades[use.use] }} />
            <Typography variant="body2">
              {use.name} {show(catalogue, 'volume', use.litres)}: {show(catalogue, 'fuelMass', use.fuelG)}
            </Typography>
          </Box>
        ))}
      </Box>
      {fuelLeftG !== null && (
        <Typography sx={{ fontWeight: 650, color: isFuelEnough ? 'text.primary' : 'error.main' }}>
          {isFuelEnough
            ? `Enough: ${show(catalogue, 'fuelMass', fuelLeftG)} in the stove.`
            : `Too little: ${show(catalogue, 'fuelMass', fuelLeftG)} in the stove.`}
        </Typography>
      )}
    </Box>
  );
}

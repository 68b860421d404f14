import CheckCircle from '@mui/icons-material/CheckCircle';
import { Box, Typography } from '@mui/material';
import { useCatalogue } from '../../store/CatalogueContext';
import type { Schema } from '../../core/contract';
import { clockTime, minutesText } from '../../shared/time';
import { show } from '../../shared/units';

/** Every pot, out of snow and out of open water: what each would take. */
export function PotList({ ways }: { ways: Schema<'PotWay'>[] }) {
  const catalogue = useCatalogue();
  return (
    <Box
      component="ul"
      aria-label="Pots and waters"
      sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}
    >
      {ways.map((way) => (
        <Box
          component="li"
          key={`${way.potId ?? ''} ${way.water}`}
          sx={{ display: 'grid', gridTemplateColumns: '1.5rem minmax(0, 1fr)', gap: 1 }}
        >
          {way.isTaken ? <CheckCircle color="primary" titleAccess="Reckoned with this" /> : <span />}
          <Box>
            <Typography sx={{ fontWeight: way.isTaken ? 700 : 400 }}>
              {way.name},{' '}
              {way.water === 'snow'
                ? `snow, ${way.loads === 1 ? '1 load' : `${way.loads} loads`}`
                : 'open water under the ice'}
              : {minutesText(way.minutes)}, {show(catalogue, 'fuelMass', way.fuelG)}
            </Typography>
            <Typography variant="body2" color={way.inTime ? 'text.secondary' : 'error.main'}>
              {way.inTime ? 'Done by' : 'Not before bedtime: done by'} {clockTime(way.doneAt)}
            </Typography>
          </Box>
        </Box>
      ))}
    </Box>
  );
}

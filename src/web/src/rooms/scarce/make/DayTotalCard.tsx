import CheckCircle from '@mui/icons-material/CheckCircle';
import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, Paper, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { minutesText } from '../../../shared/time';
import { show } from '../../../shared/units';

interface Props {
  total: Schema<'DayTotal'> | null;
  /** What resting all day takes, where no need was typed, L. */
  restLPerDay: number | null;
}

/** The ways counted in, together, against what the day takes. */
export function DayTotalCard({ total, restLPerDay }: Props) {
  const catalogue = useCatalogue();
  const good = total !== null && (total.covers ?? total.netLowL > 0) && total.conflicts.length === 0;
  const Icon = good ? CheckCircle : WarningAmber;
  return (
    <Paper
      component="section"
      aria-label="The day together"
      aria-live="polite"
      variant="outlined"
      sx={{
        p: 2,
        borderWidth: 3,
        borderColor: total === null ? 'divider' : good ? 'success.main' : 'warning.main',
      }}
    >
      {total === null ? (
        <Typography data-testid="headline" sx={{ fontSize: '1.4rem', fontWeight: 700 }}>
          Count in what you would do: the day is added up here
        </Typography>
      ) : (
        <Box sx={{ display: 'grid', gap: 0.75 }}>
          <Box
            sx={{
              display: 'flex',
              gap: 1,
              alignItems: 'flex-start',
              color: good ? 'success.main' : 'warning.main',
            }}
          >
            <Icon aria-hidden sx={{ mt: 0.75 }} />
            <Typography
              data-testid="headline"
              sx={{
                fontSize: { xs: '1.4rem', md: '1.7rem' },
                fontWeight: 750,
                lineHeight: 1.2,
                color: 'text.primary',
              }}
            >
              {total.headline}
            </Typography>
          </Box>
          <Typography>
            Yields {show(catalogue, 'volume', total.lowL)} to {show(catalogue, 'volume', total.highL)}, sweat
            spent {show(catalogue, 'volume', total.spentL)} · {minutesText(total.labourHours * 60)} of work
            {total.fuelG > 0 && ` · ${show(catalogue, 'fuelMass', total.fuelG)} of fuel`}
          </Typography>
          {total.conflicts.map((line) => (
            <Typography key={line} role="alert" color="error" sx={{ fontWeight: 650 }}>
              {line}
            </Typography>
          ))}
        </Box>
      )}
      {restLPerDay !== null && (
        <Typography sx={{ color: 'text.secondary', mt: 0.5 }}>
          Resting in the shade, the party takes {show(catalogue, 'volume', restLPerDay)} a day.
        </Typography>
      )}
    </Paper>
  );
}

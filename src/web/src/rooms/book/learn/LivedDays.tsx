import { Box, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { Section } from '../../../shared/Section';
import { minutesText } from '../../../shared/time';
import { show } from '../../../shared/units';

/** Day by day: planned against lived. */
export function LivedDays({ days }: { days: Schema<'LivedDay'>[] }) {
  const catalogue = useCatalogue();
  const litres = (l: number | null) => (l === null ? '–' : show(catalogue, 'volume', l));
  const hours = (h: number | null) => (h === null ? '–' : minutesText(h * 60));
  return (
    <Section title="Planned against lived">
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Day by day">
        <Box
          component="table"
          sx={{
            borderCollapse: 'collapse',
            width: '100%',
            '& th, & td': { borderTop: 1, borderColor: 'divider', p: 0.75, textAlign: 'right' },
            '& th:first-of-type': { textAlign: 'left' },
          }}
        >
          <thead>
            <tr>
              <th scope="col">Day</th>
              <th scope="col">Water planned</th>
              <th scope="col">Drunk, cooked</th>
              <th scope="col">Walk planned</th>
              <th scope="col">Walked</th>
            </tr>
          </thead>
          <tbody>
            {days.map((day) => (
              <tr key={day.day}>
                <th scope="row">
                  {day.day + 1}
                  {day.date && ` · ${day.date}`}
                </th>
                <td>{litres(day.plannedL)}</td>
                <td>{litres(day.drunkL)}</td>
                <td>{hours(day.plannedHours)}</td>
                <td>{hours(day.walkedHours)}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        Planned: drinking, meals and washing of the whole party; walks from setting out to arriving, with
        rests and stops for water. –: nothing was written.
      </Typography>
    </Section>
  );
}

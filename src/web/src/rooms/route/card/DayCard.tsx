import { Box, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Plan, Schema } from '../../../core/contract';
import { dateName } from '../../../shared/time';
import { show, wholePercent } from '../../../shared/units';
import { clock, hoursText } from '../clock';

interface Props {
  day: Schema<'PlanDay'>;
  plan: Plan;
  title: string;
}

/** One day on one page, in black on white whatever the theme. */
export function DayCard({ day, plan, title }: Props) {
  const catalogue = useCatalogue();
  const stops = plan.stops.filter((stop) => stop.day === day.day);
  const date = day.date ? dateName(day.date) : '';
  return (
    <Box
      component="section"
      aria-label={`Card of day ${day.day + 1}`}
      sx={{
        bgcolor: '#ffffff',
        color: '#000000',
        border: '2px solid #000000',
        borderRadius: 1,
        p: 2,
        maxWidth: 720,
        '@media print': {
          border: 0,
          p: 0,
          maxWidth: 'none',
          fontSize: '10.5pt',
          ...(day.day > 0 && { breakBefore: 'page' }),
        },
      }}
    >
      <Typography variant="h2">
        {title}: day {day.day + 1}
      </Typography>
      <Typography>
        {[
          date,
          `${show(catalogue, 'distance', day.fromKm)} to ${show(catalogue, 'distance', day.toKm)}`,
          `up ${show(catalogue, 'elevation', day.ascentM)}, down ${show(catalogue, 'elevation', day.descentM)}`,
          `${clock(day.startHour)} to ${clock(day.arriveHour)}, ${hoursText(day.walkHours)}`,
          day.rest
            ? `rest at ${day.rest.name} from ${clock(day.rest.fromHour)}, ${hoursText(day.rest.hours)}`
            : '',
          `${show(catalogue, 'temperature', day.lowC)} to ${show(catalogue, 'temperature', day.highC)}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </Typography>
      <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%', my: 1 }}>
        <tbody>
          {stops.map((stop, i) => (
            <StopLine key={`${stop.id}-${i}`} stop={stop} />
          ))}
        </tbody>
      </Box>
      <Typography>
        <strong>Without a phone:</strong> {day.phoneOff} Reserve {show(catalogue, 'volume', plan.reserveL)}.
      </Typography>
      <Typography>
        What you see at the water outranks this card. Turn back while the water still reaches.
      </Typography>
    </Box>
  );
}

const cell = {
  borderTop: '1px solid #000000',
  py: 0.75,
  pr: 1,
  verticalAlign: 'top',
  textAlign: 'left',
} as const;

function StopLine({ stop }: { stop: Schema<'PlanStop'> }) {
  const catalogue = useCatalogue();
  return (
    <tr>
      <Box component="td" sx={{ ...cell, whiteSpace: 'nowrap' }}>
        {show(catalogue, 'distance', stop.alongKm)}
        <br />
        {clock(stop.arriveHour)}
      </Box>
      <Box component="td" sx={cell}>
        <strong>{stop.name}</strong>
        {stop.chance !== null && ` (${wholePercent(stop.chance)} %)`}
        <br />
        {stop.planned || stop.kind === 'start' ? <strong>{stop.words}</strong> : stop.words}
        {stop.planned && stop.treatBy && `. ${stop.treatBy}`}
        {stop.planned && stop.readyHour !== null && `. Drinkable ${clock(stop.readyHour)}`}
        {stop.turnBackWords && `; ${stop.turnBackWords}`}
        {stop.policy && (
          <>
            <br />
            {stop.policy}
          </>
        )}
        {stop.ifElse && (
          <>
            <br />
            {stop.ifElse}
          </>
        )}
      </Box>
      <Box component="td" sx={{ ...cell, whiteSpace: 'nowrap', textAlign: 'right' }}>
        {stop.kind === 'start' ? '' : show(catalogue, 'volume', stop.arriveL)}
      </Box>
    </tr>
  );
}

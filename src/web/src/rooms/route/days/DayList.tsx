import { Box, Button, Typography } from '@mui/material';
import { DateEntry } from '../../../shared/dates/DateEntry';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { NumberEntry } from '../../../shared/NumberEntry';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { TextEntry } from '../../../shared/TextEntry';
import { show } from '../../../shared/units';
import { clock, hoursText } from '../clock';
import { useTrip } from '../TripContext';
import { asEntered, type Entry } from '../../../shared/entered';

type Day = Schema<'RouteDay'>;

/** A rest through the hot hours: from when, and how long. */
function RestEntry({
  day,
  number,
  onChange,
}: {
  day: Day;
  number: number;
  onChange: (rest: Day['rest']) => void;
}) {
  const usual = useCatalogue().route.day.rest;
  const { rest } = day;
  return (
    <>
      <NumberEntry
        label={`Rest in the shade on day ${number}, from hour`}
        quantity="plain"
        step={1}
        unknown="No rest"
        value={rest?.fromHour ?? null}
        onChange={(v: Entry) =>
          onChange(v === null ? null : { fromHour: v as number, hours: rest?.hours ?? usual?.hours ?? null })
        }
      />
      {rest && (
        <NumberEntry
          label={`Rest on day ${number}, hours`}
          quantity="plain"
          step={0.5}
          value={rest.hours ?? null}
          onChange={(v: Entry) => onChange({ ...rest, hours: asEntered(v) })}
        />
      )}
    </>
  );
}

/** Day by day: when it starts, where it ends, what the camp uses. */
export function DayList() {
  const catalogue = useCatalogue();
  const { route, change, plan } = useTrip();
  const days: Day[] = route.days?.length ? route.days : [{}];
  const set = (next: Day[]) => change({ days: next });
  const addDay = () => {
    const length = route.lengthKm ?? 0;
    const from = days.length > 1 ? (days[days.length - 2].endKm ?? 0) : 0;
    const endKm = Math.round(((from + length) / 2) * 10) / 10;
    set([...days.slice(0, -1), { ...days[days.length - 1], endKm }, {}]);
  };
  const wrong = plan.problem?.errors.filter((e) => e.field.startsWith('days.')) ?? [];

  return (
    <Section title="Days and camps">
      <DateEntry label="First day" value={route.startDate} onChange={(startDate) => change({ startDate })} />
      {wrong.map((e) => (
        <ProblemLine key={e.message}>{e.message}</ProblemLine>
      ))}
      {days.map((day, i) => {
        const planned = plan.response?.days[i];
        const part = (next: Partial<Day>) => set(days.map((d, j) => (j === i ? { ...d, ...next } : d)));
        const last = i === days.length - 1;
        return (
          <Box
            key={i}
            component="section"
            aria-label={`Day ${i + 1}`}
            sx={{ borderTop: 1, borderColor: 'divider', pt: 1.5, display: 'grid', gap: 1.5 }}
          >
            <Typography variant="h3">Day {i + 1}</Typography>
            {planned && (
              <Typography>
                {show(catalogue, 'distance', planned.toKm - planned.fromKm)}, up{' '}
                {show(catalogue, 'elevation', planned.ascentM)}, down{' '}
                {show(catalogue, 'elevation', planned.descentM)}; {hoursText(planned.walkHours)}, there at{' '}
                {clock(planned.arriveHour)}. Used walking {show(catalogue, 'volume', planned.walkL)}
                {!last && `, at camp ${show(catalogue, 'volume', planned.campL)}`}.
                {planned.rest &&
                  ` Rest at ${planned.rest.name} from ${clock(planned.rest.fromHour)}, ${hoursText(planned.rest.hours)}.`}
              </Typography>
            )}
            <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
              <NumberEntry
                label={`Start of day ${i + 1}, hour`}
                quantity="plain"
                step={1}
                value={day.startHour ?? catalogue.route.day.startHour ?? null}
                isDefault={day.startHour == null}
                onChange={(v: Entry) => part({ startHour: asEntered(v) })}
              />
              <RestEntry day={day} number={i + 1} onChange={(rest) => part({ rest })} />
              {!last && (
                <>
                  <NumberEntry
                    label={`Day ${i + 1} ends at`}
                    quantity="distance"
                    step={0.5}
                    value={day.endKm ?? null}
                    onChange={(v: Entry) => part({ endKm: asEntered(v) })}
                  />
                  <TextEntry
                    label="Camp"
                    value={day.campName ?? ''}
                    onChange={(campName) => part({ campName })}
                  />
                  {(['meals', 'hotDrinks', 'washL'] as const).map((key) => (
                    <NumberEntry
                      key={key}
                      label={
                        { meals: 'Meals each', hotDrinks: 'Hot drinks each', washL: 'Washing each' }[key]
                      }
                      quantity={key === 'washL' ? 'volume' : 'plain'}
                      step={key === 'washL' ? 0.25 : 1}
                      value={day[key] ?? catalogue.route.day[key] ?? null}
                      isDefault={day[key] == null}
                      onChange={(v: Entry) => part({ [key]: asEntered(v) })}
                    />
                  ))}
                </>
              )}
            </Box>
            {days.length > 1 && (
              <Box>
                <Button color="error" onClick={() => set(days.filter((_, j) => j !== i))}>
                  Take day {i + 1} out
                </Button>
              </Box>
            )}
          </Box>
        );
      })}
      <Box>
        <Button variant="outlined" onClick={addDay}>
          Add a day
        </Button>
      </Box>
    </Section>
  );
}

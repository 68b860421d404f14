import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { calculate } from '../../core/core';
import type { Schema } from '../../core/contract';
import { useCalculation } from '../../core/useCalculation';
import { ProblemLine } from '../../shared/ProblemLine';
import { RouteSelect } from '../../shared/RouteSelect';
import { Section } from '../../shared/Section';
import { SelectEntry } from '../../shared/SelectEntry';
import { clockOffset, dayName, localInstant } from '../../shared/time';
import { useRouteChoice } from '../../shared/useRouteChoice';
import { useLoggingBook } from '../../store/books';
import { useSettings } from '../../store/LocalDataContext';
import { keep } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import { usePlanRequest } from '../../store/usePlanRequest';

const restFrom = 22;
const restTo = 6;

/** A day to be scheduled: out of a trip's plan, or empty. */
export function NewDay({ first }: { first: boolean }) {
  const store = useStore();
  const book = useLoggingBook();
  const navigate = useNavigate();
  const { units } = useSettings().settings;
  const { routes, route, choose } = useRouteChoice();
  const asked = usePlanRequest(route);
  const { response: plan } = useCalculation('plan', asked?.request ?? null);
  const [day, setDay] = useState('0');
  const [wrong, setWrong] = useState<string | null>(null);

  const save = async (body: Schema<'DayBook'>) => {
    const kept = await keep(store.db, 'day', body, { book: book.id }).catch(() => null);
    if (kept === null) return;
    store.sync.nudge();
    void navigate(`/day/${kept}`);
  };
  const fromPlan = async () => {
    const outcome = await calculate('day-wants', {
      units,
      plan: asked?.request ?? null,
      day: Number(day),
      offsetMinutes: clockOffset(),
    });
    if (!outcome.ok) {
      setWrong(outcome.problem.errors[0]?.message ?? outcome.problem.title);
      return;
    }
    const { from, wants, people, elevationM, lowC } = outcome.response;
    await save({
      name: `${route?.body.name ?? 'Trip'}, day ${Number(day) + 1}`.slice(0, 80),
      from,
      wants,
      people,
      water: { volumeL: null, clarity: 'unknown', colour: 'unknown', temperatureC: null, elevationM },
      sky: { airTemperatureC: lowC },
      quietFromHour: restFrom,
      quietToHour: restTo,
    });
  };
  const empty = () => {
    const now = new Date();
    now.setSeconds(0, 0);
    const by = new Date(now.getTime() + 3 * 3_600_000);
    return save({
      name: `Camp, ${dayName(now.toISOString())}`,
      from: localInstant(now),
      wants: [{ id: 'a', name: 'Drinking', litres: 2, by: localInstant(by) }],
      people: 1,
      water: {
        volumeL: null,
        clarity: 'unknown',
        colour: 'unknown',
        temperatureC: null,
        elevationM: null,
      },
      // Whoever makes a day now is awake; rest is a field away.
      quietFromHour: null,
      quietToHour: restTo,
    });
  };

  return (
    <Stack spacing={2} sx={{ maxWidth: 640 }}>
      <Typography variant="h1">{first ? 'Day' : 'A new day'}</Typography>
      <Typography>
        Say what is wanted by when; the day is laid out on a clock line: who treats what, in which container,
        so that it is ready.
      </Typography>
      {route && plan && (
        <Section title="Out of a trip’s plan">
          <RouteSelect routes={routes ?? []} route={route} onChoose={choose} />
          <SelectEntry
            label="Which day"
            value={day}
            onChange={setDay}
            choices={plan.days.map((d) => ({
              id: String(d.day),
              name: `Day ${d.day + 1}${d.campName ? `, evening at ${d.campName}` : ''}`,
            }))}
          />
          {wrong && <ProblemLine>{wrong}</ProblemLine>}
          <Box>
            <Button variant="contained" size="large" onClick={() => void fromPlan()}>
              Take it from the plan
            </Button>
          </Box>
        </Section>
      )}
      <Section title="Without a plan">
        <Box>
          <Button variant="outlined" size="large" onClick={() => void empty()}>
            Begin with an empty day
          </Button>
        </Box>
      </Section>
    </Stack>
  );
}

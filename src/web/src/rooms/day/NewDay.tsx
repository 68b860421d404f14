import { Box, Button, Stack, Typography } from '@mui/material';
import { useNavigate } from 'react-router';
import { useCatalogue } from '../../store/CatalogueContext';
import type { Schema } from '../../core/contract';
import { dayName, localInstant } from '../../shared/time';
import { useLoggingBook } from '../../store/books';
import { keep } from '../../store/records';
import { useStore } from '../../store/StoreContext';

/** A day to be scheduled: out of a trip's plan, or empty. */
export function NewDay({ first }: { first: boolean }) {
  const store = useStore();
  const { restUntilHour, wantedL, wantedHours } = useCatalogue().day;
  const book = useLoggingBook();
  const navigate = useNavigate();

  const save = async (body: Schema<'DayBook'>) => {
    const kept = await keep(store.db, 'day', body, { book: book.id }).catch(() => null);
    if (kept === null) return;
    store.sync.nudge();
    void navigate(`/day/${kept}`);
  };
  const empty = () => {
    const now = new Date();
    now.setSeconds(0, 0);
    const by = new Date(now.getTime() + wantedHours * 3_600_000);
    return save({
      name: `Camp, ${dayName(now.toISOString())}`,
      from: localInstant(now),
      wants: [{ id: 'a', name: 'Drinking', litres: wantedL, by: localInstant(by) }],
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
      quietToHour: restUntilHour,
    });
  };

  return (
    <Stack spacing={2} sx={{ maxWidth: 640 }}>
      <Typography variant="h1">{first ? 'Day' : 'A new day'}</Typography>
      <Typography>
        Say what is wanted by when; the day is laid out on a clock line: who treats what, in which container,
        so that it is ready.
      </Typography>
      <Typography>
        The evenings of a trip with camps are here by themselves, as its plan wants them.
      </Typography>
      <Box>
        <Button variant="contained" size="large" onClick={() => void empty()}>
          Begin with an empty day
        </Button>
      </Box>
    </Stack>
  );
}

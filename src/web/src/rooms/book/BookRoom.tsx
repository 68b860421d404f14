import { Box, Stack, Typography } from '@mui/material';
import { useNavigate, useParams } from 'react-router';
import { EmptyState } from '../../shared/EmptyState';
import { dayName } from '../../shared/time';
import { TwoPanes } from '../../shared/TwoPanes';
import { useBatches, type Batch } from '../../store/batches';
import { useProgress } from '../../store/useProgress';
import { BookEntry } from './BookEntry';
import { BookLine } from './BookLine';

/** Every batch, newest first, by day; each with its ledger. */
export function BookRoom() {
  const { id } = useParams();
  const navigate = useNavigate();
  const batches = useBatches();
  const progress = useProgress(batches);
  if (!batches || !progress) return null;
  if (batches.length === 0) {
    return (
      <EmptyState
        title="The book is empty"
        text="Every batch you start is written here with what was done, when, and how good it was."
        to="/treat"
        action="Treat some water"
      />
    );
  }

  const newestFirst = batches.toReversed();
  const shown = batches.find((batch) => batch.id === id) ?? newestFirst[0];
  const shownProgress = progress.get(shown.id);

  return (
    <TwoPanes
      backTo="/book"
      onDetail={id !== undefined}
      list={
        <Stack spacing={1.5}>
          <Typography variant="h1">Book</Typography>
          {byDay(newestFirst).map(([day, entries]) => (
            <section key={day} aria-label={day}>
              <Typography variant="h2" sx={{ mb: 1 }}>
                {day}
              </Typography>
              <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
                {entries.map((batch) => (
                  <li key={batch.id}>
                    <BookLine
                      batch={batch}
                      progress={progress.get(batch.id)}
                      chosen={batch.id === shown.id}
                      onOpen={() => void navigate(`/book/${batch.id}`)}
                    />
                  </li>
                ))}
              </Box>
            </section>
          ))}
        </Stack>
      }
      detail={shownProgress && <BookEntry batch={shown} progress={shownProgress} />}
    />
  );
}

function byDay(batches: Batch[]): [string, Batch[]][] {
  return Object.entries(
    Object.groupBy(batches, (batch) => dayName(batch.startedAt)) as Record<string, Batch[]>,
  );
}

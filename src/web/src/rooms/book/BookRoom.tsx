import { Box, Button, Stack, Typography } from '@mui/material';
import { useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { EmptyState } from '../../shared/EmptyState';
import { dayName } from '../../shared/time';
import { Reading } from '../../shared/Reading';
import { TwoPanes } from '../../shared/TwoPanes';
import { useBatch, useNewestBatches, type Batch } from '../../store/batches';
import { useProgress } from '../../store/useProgress';
import { BookEntry } from './BookEntry';
import { BookLine } from './BookLine';

const onePage = 40;

/** Every batch, newest first, by day; each with its ledger. */
export function BookRoom() {
  const { id } = useParams();
  const navigate = useNavigate();
  const [count, setCount] = useState(onePage);
  const read = useNewestBatches(count + 1);
  const named = useBatch(id);
  const newest = useMemo(() => read?.slice(0, count), [read, count]);
  const shown = named ?? newest?.[0];
  const looked = useMemo(
    () => (newest && shown && !newest.some((batch) => batch.id === shown.id) ? [...newest, shown] : newest),
    [newest, shown],
  );
  const progress = useProgress(looked);
  if (!newest || !read || !progress || named === undefined) return <Reading what="Book" />;
  if (!shown) {
    return (
      <EmptyState
        title="The book is empty"
        text="Every batch you start is written here with what was done, when, and how good it was."
        to="/treat"
        action="Treat some water"
      />
    );
  }

  const shownProgress = progress.get(shown.id);

  return (
    <TwoPanes
      backTo="/book"
      onDetail={id !== undefined}
      list={
        <Stack spacing={1.5}>
          <Typography variant="h1">Book</Typography>
          {byDay(newest).map(([day, entries]) => (
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
          {read.length > count && (
            <Button variant="outlined" onClick={() => setCount(count + onePage)}>
              Show older ones
            </Button>
          )}
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

import { Box, Stack, Typography } from '@mui/material';
import { useNavigate, useParams } from 'react-router';
import { EmptyState } from '../../shared/EmptyState';
import { TwoPanes } from '../../shared/TwoPanes';
import { useBatches } from '../../store/batches';
import { isOver, useProgress } from '../../store/useProgress';
import { BatchCard } from './BatchCard';
import { BatchSteps } from './BatchSteps';
import { soonestFirst } from './order';

/** The clocks that run, soonest first, and the steps of the one in hand. */
export function NowRoom() {
  const { id } = useParams();
  const navigate = useNavigate();
  const batches = useBatches();
  const progress = useProgress(batches);
  if (!batches || !progress) return null;

  const running = batches
    .flatMap((batch) => {
      const stands = progress.get(batch.id);
      return stands && !isOver(stands) ? [{ batch, progress: stands }] : [];
    })
    .sort(soonestFirst);
  const named = batches.find((batch) => batch.id === id);
  const namedProgress = named && progress.get(named.id);
  const shown = named && namedProgress ? { batch: named, progress: namedProgress } : running[0];

  if (running.length === 0 && !shown) {
    return (
      <EmptyState
        title="Nothing is running"
        text="A batch you start in Treat shows its clock here, through reloads and restarts."
        to="/treat"
        action="Treat some water"
      />
    );
  }

  return (
    <TwoPanes
      backTo="/now"
      onDetail={named !== undefined}
      list={
        <Stack spacing={1.5}>
          <Typography variant="h1">Now</Typography>
          {running.length === 0 && <Typography>Nothing else is running.</Typography>}
          <Box
            component="ul"
            aria-label="Running batches"
            sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5 }}
          >
            {running.map(({ batch, progress: stands }) => (
              <li key={batch.id}>
                <BatchCard
                  batch={batch}
                  progress={stands}
                  chosen={batch.id === shown?.batch.id}
                  onOpen={() => void navigate(`/now/${batch.id}`)}
                />
              </li>
            ))}
          </Box>
        </Stack>
      }
      detail={shown && <BatchSteps key={shown.batch.id} batch={shown.batch} progress={shown.progress} />}
    />
  );
}

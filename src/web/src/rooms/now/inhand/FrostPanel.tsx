import AcUnit from '@mui/icons-material/AcUnit';
import { Button, Paper, Stack, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useQuickWrite } from '../../../store/QuickWrite';
import type { InHand } from '../../../store/InHandContext';

type Job = InHand['frost'][number];

/** What frost asks of somebody now: to put away warm what is wet, and in the morning whether it stayed so. */
export function FrostPanel({ jobs }: { jobs: Job[] }) {
  return jobs.map((job) => (
    <Paper
      key={job.itemId}
      variant="outlined"
      role="region"
      aria-label={job.headline}
      sx={{ p: 1.5, display: 'grid', gap: 1, borderWidth: 2, borderColor: 'primary.main' }}
    >
      <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
        <AcUnit aria-hidden color="primary" sx={{ mt: 0.25 }} />
        <Typography variant="h2">{job.headline}</Typography>
      </Stack>
      <Typography>{job.words}</Typography>
      <Answers job={job} />
    </Paper>
  ));
}

function Answers({ job: { is, itemId } }: { job: Job }) {
  const write = useQuickWrite();
  return (
    <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
      {is === 'putAwayWarm' ? (
        <>
          <Button variant="contained" onClick={() => void write({ kind: 'frostGuarded', itemId })}>
            Put away warm
          </Button>
          <Button component={Link} to="/winter" variant="outlined">
            The night’s stove and bottles
          </Button>
        </>
      ) : (
        <>
          <Button variant="contained" onClick={() => void write({ kind: 'stayedWarm', itemId })}>
            Yes, all night
          </Button>
          <Button
            variant="outlined"
            color="error"
            onClick={() => void write({ kind: 'mishap', itemId, what: 'froze' })}
          >
            No, or not sure
          </Button>
        </>
      )}
    </Stack>
  );
}

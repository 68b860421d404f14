import AcUnit from '@mui/icons-material/AcUnit';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import { useQuickWrite } from '../../../store/QuickWrite';
import type { InHand } from '../../../store/InHandContext';
import { AskedPanel } from './AskedPanel';

type Job = InHand['frost'][number];

/** What frost asks of somebody now: to put away warm what is wet, and in the morning whether it stayed so. */
export function FrostPanel({ jobs }: { jobs: Job[] }) {
  return jobs.map((job) => (
    <AskedPanel key={job.itemId} Icon={AcUnit} headline={job.headline} words={job.words}>
      <Answers job={job} />
    </AskedPanel>
  ));
}

function Answers({ job: { is, itemId } }: { job: Job }) {
  const write = useQuickWrite();
  return (
    <>
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
    </>
  );
}

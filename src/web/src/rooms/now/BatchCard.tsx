import { Typography } from '@mui/material';
import { useCatalogue } from '../../store/CatalogueContext';
import type { BatchProgress } from '../../core/contract';
import { BatchStateLine } from '../../shared/BatchStateLine';
import { ListCard } from '../../shared/ListCard';
import type { Batch } from '../../store/batches';
import { WhoseLine } from '../../shared/WhoseLine';
import { useInHand } from '../../store/InHandContext';
import { BatchClock } from './BatchClock';
import { batchHead } from './batchHead';

interface Props {
  batch: Batch;
  progress: BatchProgress;
  chosen: boolean;
  onOpen: () => void;
}

/** One running batch: its clock, whether it may be drunk, and what is next. */
export function BatchCard({ batch, progress, chosen, onOpen }: Props) {
  const catalogue = useCatalogue();
  const containers = useInHand()?.containers;
  const step = progress.steps.find((s) => s.step.id === progress.currentStepId)?.step;
  return (
    <ListCard chosen={chosen} onOpen={onOpen}>
      <Typography component="h2" variant="h2">
        {batch.container}
      </Typography>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {batchHead(catalogue, batch, progress, containers)}
      </Typography>
      <WhoseLine book={batch.book} author={batch.author} />
      <BatchClock progress={progress} />
      <BatchStateLine progress={progress} short={batch.answer.shortOf.length > 0} />
      {step?.done && <Typography>Your turn: {step.title}</Typography>}
    </ListCard>
  );
}

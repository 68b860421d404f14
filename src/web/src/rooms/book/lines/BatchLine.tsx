import { Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { BatchProgress } from '../../../core/contract';
import { OutcomeLine } from '../../../shared/OutcomeLine';
import { clockTime } from '../../../shared/time';
import { ListCard } from '../../../shared/ListCard';
import { WhoseLine } from '../../../shared/WhoseLine';
import type { Batch } from '../../../store/batches';
import { batchLitres } from './batchLitres';

interface Props {
  batch: Batch;
  progress: BatchProgress | undefined;
  chosen: boolean;
  onOpen: () => void;
}

/** One line of the book. */
export function BatchLine({ batch, progress, chosen, onOpen }: Props) {
  const catalogue = useCatalogue();
  return (
    <ListCard chosen={chosen} onOpen={onOpen}>
      <Typography sx={{ fontWeight: 700 }}>
        {clockTime(batch.startedAt, new Date(batch.startedAt))} · {batch.container},{' '}
        {batchLitres(catalogue, batch, progress?.addedL)}
      </Typography>
      <Typography>
        {batch.answer.methodName}: {batch.answer.headline}
      </Typography>
      <WhoseLine book={batch.book} author={batch.author} />
      <OutcomeLine answer={batch.answer} />
      <Typography sx={{ color: 'text.secondary' }}>{progress?.words}</Typography>
    </ListCard>
  );
}

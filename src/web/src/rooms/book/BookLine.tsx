import { ButtonBase, Paper, Typography } from '@mui/material';
import { useCatalogue } from '../../core/CatalogueContext';
import type { BatchProgress } from '../../core/contract';
import { OutcomeLine } from '../../shared/OutcomeLine';
import { clockTime } from '../../shared/time';
import { show } from '../../shared/units';
import type { Batch } from '../../store/batches';

interface Props {
  batch: Batch;
  progress: BatchProgress | undefined;
  chosen: boolean;
  onOpen: () => void;
}

/** One line of the book. */
export function BookLine({ batch, progress, chosen, onOpen }: Props) {
  const catalogue = useCatalogue();
  return (
    <Paper
      variant="outlined"
      sx={{ borderWidth: chosen ? 3 : 1, borderColor: chosen ? 'primary.main' : 'divider' }}
    >
      <ButtonBase
        onClick={onOpen}
        aria-current={chosen ? 'true' : undefined}
        sx={{ display: 'block', textAlign: 'left', p: 1.5, width: '100%', borderRadius: 'inherit' }}
      >
        <Typography sx={{ fontWeight: 700 }}>
          {clockTime(batch.startedAt, new Date(batch.startedAt))} · {batch.container},{' '}
          {show(catalogue, 'volume', batch.request.water?.volumeL ?? 0)}
        </Typography>
        <Typography>
          {batch.answer.methodName}: {batch.answer.headline}
        </Typography>
        <OutcomeLine answer={batch.answer} />
        <Typography sx={{ color: 'text.secondary' }}>{progress?.words}</Typography>
      </ButtonBase>
    </Paper>
  );
}

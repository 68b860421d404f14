import { Button, Typography } from '@mui/material';
import { useBatch } from '../../../store/batches';
import { mayWrite } from '../../../store/books';
import type { ContainerInHand } from '../../../store/InHandContext';
import { useStore } from '../../../store/StoreContext';
import { useTopUp } from '../useTopUp';

interface Props {
  container: ContainerInHand;
  /** The batch whose water is in it. */
  batchId: string;
  onDone: () => void;
}

/** One tap when a dosed bottle was topped up to the brim: it names the dose to add, and begins the wait anew. */
export function TopUpToBrim({ container, batchId, onDone }: Props) {
  const store = useStore();
  const batch = useBatch(batchId);
  const { response, begin } = useTopUp(batch, container.capacityL - container.litres);
  if (!batch || !response || !mayWrite(store.books.find((book) => book.id === batch.book))) return null;
  if (!begin)
    return (
      <Typography sx={{ gridColumn: '1 / -1' }}>Not to be topped up to the brim: {response.words}</Typography>
    );
  return (
    <>
      <Button
        variant="outlined"
        onClick={() => {
          onDone();
          begin();
        }}
        sx={{ gridColumn: '1 / -1' }}
      >
        Topped up to the brim: {response.words}
      </Button>
      {response.caution && <Typography sx={{ gridColumn: '1 / -1' }}>{response.caution}</Typography>}
    </>
  );
}

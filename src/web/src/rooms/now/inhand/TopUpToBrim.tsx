import { Button } from '@mui/material';
import { useCalculation } from '../../../core/useCalculation';
import { tap, useBatch } from '../../../store/batches';
import { mayWrite } from '../../../store/books';
import type { ContainerInHand } from '../../../store/InHandContext';
import { useStore } from '../../../store/StoreContext';

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
  const addedL = container.capacityL - container.litres;
  const { response } = useCalculation(
    'top-up',
    batch ? { batch: batch.request, method: batch.answer.method, addedL } : null,
  );
  if (!batch || !response || !mayWrite(store.books.find((book) => book.id === batch.book))) return null;
  const begin = () => {
    onDone();
    void tap(store, batch, 'toppedUp', null, { words: response.words, addedL });
  };
  return (
    <Button variant="outlined" onClick={begin} sx={{ gridColumn: '1 / -1' }}>
      Topped up to the brim: {response.words}
    </Button>
  );
}

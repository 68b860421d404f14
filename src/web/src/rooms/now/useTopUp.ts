import { useCalculation } from '../../core/useCalculation';
import { tap, tapsOf, type Batch } from '../../store/batches';
import { useInHand } from '../../store/InHandContext';
import { useStore } from '../../store/StoreContext';

/**
 * What so much raw water added to a batch asks for, and the tap that says it went in; a batch that can't go on with it has no such tap.
 * Nothing is asked while there is no batch, or no amount.
 */
export function useTopUp(batch: Batch | null | undefined, addedL: number | null | undefined) {
  const store = useStore();
  const heldL = useInHand()?.containers.find(({ id }) => id === batch?.containerId)?.litres ?? null;
  const { response, problem } = useCalculation(
    'top-up',
    batch && addedL !== undefined
      ? {
          batch: batch.request,
          method: batch.answer.method,
          addedL,
          heldL,
          steps: batch.answer.steps,
          taps: tapsOf(batch),
          startedAt: batch.startedAt,
        }
      : null,
  );
  const begin =
    batch && response && response.outcome !== 'refused'
      ? () => void tap(store, batch, 'toppedUp', null, { words: response.words, addedL, dose: response.dose })
      : undefined;
  return { response, problem, begin };
}

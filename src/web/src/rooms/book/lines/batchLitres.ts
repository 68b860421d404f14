import type { BatchProgress, Catalogue } from '../../../core/contract';
import { show } from '../../../shared/units';
import type { Batch } from '../../../store/batches';

/** What a batch was begun for, and what was added since: "1 L", "1 L, topped up with 0.5 L". */
export function batchLitres(
  catalogue: Catalogue,
  { request }: Batch,
  addedL: BatchProgress['addedL'] | undefined,
): string {
  const begun = show(catalogue, 'volume', request.water?.volumeL ?? 0);
  if (addedL === undefined || addedL === 0) return begun;
  return addedL === null
    ? `${begun}, topped up`
    : `${begun}, topped up with ${show(catalogue, 'volume', addedL)}`;
}

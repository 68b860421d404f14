import type { Schema } from '../../../core/contract';
import type { Batch } from '../../../store/batches';

/** What a batch used up, as its own answer said. */
export function usedBatch({ answer, request, startedAt }: Batch): Schema<'UsedBatch'> {
  return {
    method: answer.method,
    at: startedAt,
    volumeL: request.water?.volumeL ?? null,
    clarity: request.water?.clarity ?? null,
    doseUnits: answer.dose?.units ?? null,
    fuelG: answer.boil?.fuelG ?? null,
    lampCycles: answer.lamp?.cycles ?? null,
  };
}

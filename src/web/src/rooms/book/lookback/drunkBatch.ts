import type { Schema } from '../../../core/contract';
import type { Batch } from '../../../store/batches';

/** A batch as something that was drunk: when the last step was tapped, or when it could first have been. */
export function drunkBatch({ id, container, answer, taps, startedAt }: Batch): Schema<'DrunkBatch'> {
  const thrownAway = taps.findLast((t) => t.kind !== 'done')?.kind === 'discarded';
  return {
    id,
    container,
    drunkAt: thrownAway
      ? null
      : (taps.findLast((t) => t.kind === 'done')?.at ?? answer.drinkableAt ?? startedAt),
    method: answer.methodName,
    ledger: answer.ledger.map((row) => ({ organism: row.organism, logs: row.totalLogs })),
  };
}

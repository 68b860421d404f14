import type { Schema } from '../../../core/contract';
import type { Batch } from '../../../store/batches';

/** A batch as something that was drunk: when that was tapped, or when it first could have been; null for one that could not. */
export function drunkBatch({ id, container, answer, taps }: Batch, now: string): Schema<'DrunkBatch'> {
  const thrownAway = taps.findLast((t) => t.kind !== 'done')?.kind === 'discarded';
  const tapped = taps.findLast((t) => t.kind === 'done' && t.stepId === 'drink')?.at;
  const could =
    answer.drinkableAt && Date.parse(answer.drinkableAt) <= Date.parse(now) ? answer.drinkableAt : null;
  return {
    id,
    container,
    drunkAt: thrownAway ? null : (tapped ?? could),
    method: answer.methodName,
    ledger: answer.ledger.map((row) => ({ organism: row.organism, logs: row.totalLogs })),
  };
}

import type { BatchProgress } from '../../core/contract';
import type { Batch } from '../../store/batches';

/** The last tap on a batch that still counts, with what it said; a check that failed has put steps of its own before it. */
export function lastThatCounts(
  batch: Batch,
  { steps }: BatchProgress,
): { stepId: string; words: string } | null {
  const hasFailed = steps.length > batch.answer.steps.length;
  for (const { kind, stepId } of batch.taps.toReversed()) {
    const at = steps.find(({ step }) => step.id === stepId);
    if (!stepId || !at) continue;
    if (kind === 'done' && at.state === 'done') return { stepId, words: at.step.title };
    const fails = batch.answer.steps.find(({ id }) => id === stepId)?.fails;
    if (kind === 'failed' && hasFailed && fails) return { stepId, words: fails };
  }
  return null;
}

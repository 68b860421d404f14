import type { BatchProgress } from '../../core/contract';

/** When a batch wants a hand: when its clock ends, or when its turn came. */
function wantsHandAt(progress: BatchProgress): number {
  const current = progress.steps.find(({ step }) => step.id === progress.currentStepId);
  return Date.parse(progress.clock?.endsAt ?? current?.startedAt ?? progress.safeAt ?? '') || 0;
}

export function soonestFirst(a: { progress: BatchProgress }, b: { progress: BatchProgress }): number {
  return wantsHandAt(a.progress) - wantsHandAt(b.progress);
}

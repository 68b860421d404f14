import { expect, test } from 'vitest';
import type { BatchProgress } from '../../src/core/contract';
import { lastThatCounts } from '../../src/rooms/now/lastThatCounts';
import type { Batch } from '../../src/store/batches';

const dose = { id: 'dose', title: 'Add 5 drops' };
const smell = { id: 'smell', title: 'Smell it', fails: 'No smell' };
const again = { id: 'dose-again', title: 'Again: add 5 drops' };

const batch = (...taps: [kind: string, stepId: string | null][]) =>
  ({
    answer: { steps: [dose, smell] },
    taps: taps.map(([kind, stepId]) => ({ kind, stepId })),
  }) as unknown as Batch;
const stands = (...steps: [object, string][]) =>
  ({ steps: steps.map(([step, state]) => ({ step, state })) }) as unknown as BatchProgress;

test('the last step that is done is named; one that was taken back, and words that are no step, are passed over', () => {
  const now = stands([dose, 'done'], [smell, 'current']);
  expect(lastThatCounts(batch(['done', 'dose'], ['done', 'smell'], ['toppedUp', null]), now)).toEqual({
    stepId: 'dose',
    words: 'Add 5 drops',
  });
  expect(lastThatCounts(batch(), now)).toBeNull();
});

test('a check that failed is taken back by what its button said, and only while it counts', () => {
  const taps = batch(['done', 'dose'], ['failed', 'smell']);
  const failed = stands([dose, 'done'], [again, 'current'], [smell, 'locked']);
  expect(lastThatCounts(taps, failed)).toEqual({ stepId: 'smell', words: 'No smell' });
  expect(lastThatCounts(taps, stands([dose, 'done'], [smell, 'current']))?.stepId).toBe('dose');
});

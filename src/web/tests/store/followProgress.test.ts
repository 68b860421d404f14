import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { BatchProgress } from '../../src/core/contract';
import type { Batch } from '../../src/store/batches';

const calculate = vi.fn();
vi.mock('../../src/core/core', () => ({
  calculate: (...asked: unknown[]) => calculate(...asked) as unknown,
}));
const { followProgress } = await import('../../src/store/followProgress');

const batch = (id: string) =>
  ({
    id,
    request: { water: null },
    answer: { steps: [], shortOf: [] },
    startedAt: '',
    taps: [],
  }) as unknown as Batch;
const stands = (state: string) => Promise.resolve({ ok: true, response: { state } });

let told: Map<string, BatchProgress | null>[] = [];
const states = () =>
  told.map((one) => [...one].map(([id, stands]) => `${id} ${stands?.state ?? 'untold'}`).join(', '));

beforeEach(() => {
  told = [];
  calculate.mockReset();
  vi.useFakeTimers();
});
afterEach(() => vi.useRealTimers());

test('is told every second until all are over, and what is over is not asked again', async () => {
  calculate
    .mockReturnValueOnce(stands('waiting'))
    .mockReturnValueOnce(stands('finished'))
    .mockReturnValue(stands('finished'));
  followProgress([batch('a'), batch('b')], (one) => told.push(one));
  await vi.advanceTimersByTimeAsync(0);
  expect(states()).toEqual(['a waiting, b finished']);
  await vi.advanceTimersByTimeAsync(1_000);
  expect(states().at(-1)).toBe('a finished, b finished');
  await vi.advanceTimersByTimeAsync(10_000);
  expect(calculate).toHaveBeenCalledTimes(3);
});

test('a second that could not be worked out stops no clock and takes nothing back', async () => {
  calculate
    .mockReturnValueOnce(stands('waiting'))
    .mockImplementationOnce(() => Promise.reject(new Error('no core')))
    .mockReturnValueOnce(stands('ready'));
  followProgress([batch('a')], (one) => told.push(one));
  await vi.advanceTimersByTimeAsync(0);
  await vi.advanceTimersByTimeAsync(1_000);
  expect(states()).toEqual(['a waiting']);
  await vi.advanceTimersByTimeAsync(1_000);
  expect(states()).toEqual(['a waiting', 'a ready']);
});

test('stopped, it tells nothing more', async () => {
  calculate.mockReturnValue(stands('waiting'));
  const stop = followProgress([batch('a')], (one) => told.push(one));
  stop();
  await vi.advanceTimersByTimeAsync(5_000);
  expect(told).toEqual([]);
  expect(calculate).toHaveBeenCalledTimes(1);
});

test('a batch of which the core can’t tell is told as such, and the others stand', async () => {
  calculate
    .mockReturnValueOnce(
      Promise.resolve({ ok: false, problem: { title: 'This cannot be right', errors: [] } }),
    )
    .mockReturnValueOnce(stands('waiting'));
  followProgress([batch('a'), batch('b')], (one) => told.push(one));
  await vi.advanceTimersByTimeAsync(0);
  expect(states()).toEqual(['a untold, b waiting']);
});

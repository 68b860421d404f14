import fc from 'fast-check';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { tryUntilItWorks } from '../../src/shared/tryUntilItWorks';
import { stubListeners } from '../listeners';

let heard: Record<string, () => void>;
let tries: number;
let attempt: () => Promise<string>;
let worked: string[];
let troubles: unknown[];
let end: () => void;

const noSignal = new TypeError('Failed to fetch');
const fails = () => Promise.reject(noSignal);
const pass = (ms: number) => vi.advanceTimersByTimeAsync(ms);

beforeEach(() => {
  vi.useFakeTimers();
  heard = stubListeners();
  attempt = fails;
  [tries, worked, troubles] = [0, [], []];
});

afterEach(() => {
  end();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function begin(firstWaitMs = 1_000, longestWaitMs = 8_000) {
  end = tryUntilItWorks({
    attempt: () => {
      tries++;
      return attempt();
    },
    worked: (got) => worked.push(got),
    failed: (trouble) => troubles.push(trouble),
    firstWaitMs,
    longestWaitMs,
  });
}

/** The second of each try of the first `seconds` seconds. */
async function secondsOfTries(seconds: number): Promise<number[]> {
  const times: number[] = [];
  for (let second = 0; second <= seconds; second++) {
    await pass(second === 0 ? 0 : 1_000);
    while (times.length < tries) times.push(second);
  }
  return times;
}

test('what works at once is tried once, and nothing listens any more', async () => {
  attempt = () => Promise.resolve('here');
  begin();
  await pass(60_000);
  expect([tries, worked, troubles]).toEqual([1, ['here'], []]);
  expect(heard).toEqual({});
});

test('each failure is told, and the try that works ends it', async () => {
  begin();
  await pass(0);
  expect(troubles).toEqual([noSignal]);
  attempt = () => Promise.resolve('here');
  await pass(1_000);
  await pass(60_000);
  expect([tries, worked]).toEqual([2, ['here']]);
});

test('each wait is twice the one before it, up to the longest', async () => {
  begin();
  expect(await secondsOfTries(40)).toEqual([0, 1, 3, 7, 15, 23, 31, 39]);
});

test('a first wait as long as the longest stays as it is', async () => {
  begin(5_000, 5_000);
  expect(await secondsOfTries(21)).toEqual([0, 5, 10, 15, 20]);
});

test('a signal that is back is used at once, and one try runs at a time', async () => {
  begin();
  await pass(0);
  let reply: (got: string) => void = () => undefined;
  attempt = () => new Promise((resolve) => (reply = resolve));
  heard.online();
  heard.visibilitychange();
  await pass(60_000);
  expect(tries).toBe(2);
  reply('here');
  await pass(0);
  expect(worked).toEqual(['here']);
});

test('a try out of turn takes the place of the one that was waited for', async () => {
  begin(5_000, 5_000);
  await pass(4_000);
  heard.online();
  await pass(4_900);
  expect(tries).toBe(2);
  await pass(200);
  expect(tries).toBe(3);
});

test('nothing is told after the end, neither that it worked nor that it did not', async () => {
  for (const settles of [() => Promise.resolve('here'), fails]) {
    attempt = settles;
    begin();
    end();
    await pass(60_000);
    expect([worked, troubles]).toEqual([[], []]);
    expect(heard).toEqual({});
  }
  expect(tries).toBe(2);
});

test('however often it fails, it is told as often, and works once', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.integer({ min: 0, max: 12 }),
      fc.integer({ min: 0, max: 9_000 }),
      async (failures, firstWaitMs) => {
        [tries, worked, troubles] = [0, [], []];
        attempt = () => (tries <= failures ? fails() : Promise.resolve('here'));
        begin(firstWaitMs, 9_000);
        await pass(13 * 9_000);
        expect([tries, troubles.length, worked]).toEqual([failures + 1, failures, ['here']]);
      },
    ),
    { numRuns: 60 },
  );
});

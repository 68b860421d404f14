import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { NotOurServer, type Heard } from '../../src/store/api';
import { firstMeeting, type Missed } from '../../src/store/firstMeeting';
import { stubListeners } from '../listeners';

const said = { about: { storeId: 's', person: null }, askedMs: 0, answeredMs: 9 } as Heard;
let met: Heard[];
let missed: Missed[];
let end: () => void;

beforeEach(() => {
  vi.useFakeTimers();
  stubListeners();
  [met, missed] = [[], []];
});

afterEach(() => {
  end();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const begin = (ask: () => Promise<Heard>) => {
  end = firstMeeting({ ask, met: (heard) => met.push(heard), missed: (why) => missed.push(why) });
};

const pass = (ms: number) => vi.advanceTimersByTimeAsync(ms);

test('a server that was too busy for the first word is asked again a second later, and met', async () => {
  const ask = vi
    .fn<() => Promise<Heard>>()
    .mockRejectedValueOnce(new TypeError('Failed to fetch'))
    .mockResolvedValue(said);
  begin(ask);
  await pass(0);
  expect([met, missed]).toEqual([[], ['noServer']]);
  await pass(1_000);
  expect([met, missed]).toEqual([[said], ['noServer']]);
});

test('nobody waits longer than eight seconds for the next question', async () => {
  const ask = vi.fn(() => Promise.reject(new TypeError('Failed to fetch')));
  begin(ask);
  await pass(60_000);
  const before = ask.mock.calls.length;
  await pass(80_000);
  expect(ask.mock.calls.length).toBe(before + 10);
});

test('whoever answers instead of the server is told apart from nobody', async () => {
  begin(() => Promise.reject(new NotOurServer('The server answered 200.')));
  await pass(0);
  expect(missed).toEqual(['notOurServer']);
});

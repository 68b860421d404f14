import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { server } from '../../src/store/api';
import type { LocalStore } from '../../src/store/db';
import { SyncLoop } from '../../src/store/sync/SyncLoop';
import { stubListeners } from '../listeners';

vi.mock('../../src/store/seenClock', () => ({ noteServerTime: () => Promise.resolve() }));
vi.mock('../../src/store/olderStore', () => ({ bringOver: () => Promise.resolve() }));
vi.mock('../../src/store/sync/exchange', () => ({ exchange: () => Promise.resolve() }));

const db = {
  name: 'store',
  storeId: 's',
  personId: 'p',
  meta: { put: () => Promise.resolve() },
} as unknown as LocalStore;
const about = { storeId: 's', person: { id: 'p', name: 'Ilva' }, serverTime: '2026-08-21T12:00:00Z' };

let loop: SyncLoop;
let asks: number;
let answer: () => Promise<unknown>;
let heard: Record<string, () => void>;

beforeEach(() => {
  vi.useFakeTimers();
  heard = stubListeners();
  vi.stubGlobal('navigator', { locks: { request: (_: string, work: () => Promise<unknown>) => work() } });
  asks = 0;
  answer = () => Promise.resolve(about);
  vi.spyOn(server, 'askAbout').mockImplementation(() => {
    asks++;
    return answer() as never;
  });
  loop = new SyncLoop(db);
});

afterEach(() => {
  loop.stop();
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

const pass = (ms: number) => vi.advanceTimersByTimeAsync(ms);

test('the server is called at once at the start, then now and again', async () => {
  loop.start(() => undefined);
  await pass(0);
  expect([asks, loop.link]).toEqual([1, 'up']);
  await pass(29_000);
  expect(asks).toBe(1);
  await pass(1_100);
  expect(asks).toBe(2);
});

test('what the first meeting has just heard is not asked again, but by the next round', async () => {
  const told: unknown[] = [];
  loop.start((heard) => told.push(heard), { about, askedMs: 0, answeredMs: 0 } as never);
  await pass(0);
  expect([asks, loop.link, told]).toEqual([0, 'up', [about]]);
  await pass(30_100);
  expect(asks).toBe(1);
});

test('several things written together are one call, once the page has come to rest', async () => {
  loop.start(() => undefined);
  await pass(0);
  loop.nudge();
  await pass(100);
  loop.nudge();
  await pass(200);
  expect(asks).toBe(1);
  await pass(200);
  expect(asks).toBe(2);
});

test('what is written while it is being sent is sent right after', async () => {
  let finish: () => void = () => undefined;
  loop.start(() => undefined);
  await pass(0);
  answer = () => new Promise((resolve) => (finish = () => resolve(about)));
  loop.nudge();
  await pass(400);
  loop.nudge();
  answer = () => Promise.resolve(about);
  finish();
  await pass(0);
  expect(asks).toBe(2);
  await pass(400);
  expect(asks).toBe(3);
});

test('out of reach it tries again, ever later, and at once when the network is back', async () => {
  const links: string[] = [];
  loop.subscribe(() => links.push(loop.link));
  answer = () => Promise.reject(new Error('no signal'));
  loop.start(() => undefined);
  await pass(0);
  expect(loop.link).toBe('down');
  const times: number[] = [];
  for (let ms = 0; ms < 40_000; ms += 500) {
    const before = asks;
    await pass(500);
    if (asks > before) times.push(ms + 500);
  }
  const waits = times.map((at, n) => at - (times[n - 1] ?? 0));
  expect(waits.slice(0, 4)).toEqual([2_000, 4_000, 8_000, 8_000]);
  answer = () => Promise.resolve(about);
  heard.online();
  await pass(0);
  expect(loop.link).toBe('up');
  expect(links).toEqual(['down', 'up']);
});

test('another person or store is signed out here, and nothing is exchanged with it', async () => {
  answer = () => Promise.resolve({ ...about, person: { id: 'other', name: 'Bram' } });
  const told: unknown[] = [];
  loop.start((heardOf) => told.push(heardOf));
  await pass(0);
  expect(loop.link).toBe('signedOut');
  expect(told).toHaveLength(1);
});

test('stopped, it calls nobody', async () => {
  loop.start(() => undefined);
  await pass(0);
  loop.stop();
  loop.nudge();
  await pass(60_000);
  expect(asks).toBe(1);
});

import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { Response } from '../src/core/contract';
import type { Outcome } from '../src/core/core';
import type { Entry } from '../src/store/bookLines';
import { keepCheckpoint, readCheckpoint, type Around } from '../src/store/inHand/checkpoint';
import { foldLog, type Ask, type Ended, type Folded } from '../src/store/inHand/foldLog';
import { logKeys } from '../src/store/inHand/log';
import { LogKeys, type Key } from '../src/store/inHand/LogKeys';
import { keep } from '../src/store/records';
import { Device } from './sync/Device';
import { Random } from './sync/Random';
import { TestServer } from './sync/TestServer';

const server = new TestServer();
let device: Device;
let sent = 0;

beforeAll(async () => {
  await server.start();
  device = new Device(server, 'phone');
  await device.account('owner', { name: 'Ilva' });
});
afterAll(() => server.end());

/** The core, as the server runs it: the same as the page's. */
const ask: Ask = async (request) => {
  sent = (request.lines?.length ?? 0) + (request.batches?.length ?? 0);
  const response = (await device.post('/api/calc/in-hand', request)) as Response<'in-hand'>;
  return { ok: true, response } satisfies Outcome<'in-hand'>;
};

const bottles = [newId(), newId()];
const kit = bottles.map((id, n) => ({
  id,
  item: { kind: 'container' as const, name: `Bottle ${n}`, volumeL: 1 },
}));
const frame: Around = { units: 'metric', kit, walkers: [], sources: [] };
const instant = (minutes: number) => new Date(Date.UTC(2026, 7, 21, 8) + minutes * 60_000).toISOString();

const fold = async (before: Ended | null, minutes: number, around = frame) => {
  const keys = new LogKeys(await logKeys(device.db));
  // Keys read anew know nothing of what was touched before.
  const from = before === null ? null : { ...before, mark: null };
  return (await foldLog(ask, device.db, from, keys, { around, now: instant(minutes) }))!;
};

/** As the page does it: keys that are kept, and told of what was touched. */
const watched = async () => {
  const keys = new LogKeys(await logKeys(device.db));
  return async (before: Ended | null, minutes: number) => {
    const now = await logKeys(device.db);
    const there = new Set(now.map(String));
    for (const key of now) if (!keys.has(key)) keys.touch(key, true);
    for (const key of keys.all()) if (!there.has(String(key))) keys.touch(key, false);
    return (await foldLog(ask, device.db, before, keys, { around: frame, now: instant(minutes) }))!;
  };
};

const write = (line: Entry) => keep(device.db, 'book-line', line);

const plain = (answer: Response<'in-hand'>) => ({
  ...answer,
  snapshot: null,
  replaced: [...answer.replaced].sort((a, b) => (a.id < b.id ? -1 : 1)),
});

/** Lines in and out of order, corrections, things taken back, taps: on from where it was is the same as from nothing. */
test('whatever is written, folded on it is what it is from nothing', async () => {
  for (let seed = 1; seed <= 6; seed++) {
    const random = new Random(seed);
    await device.db.records.clear();
    let known: Ended | null = null;
    let touched: Ended | null = null;
    const foldTouched = await watched();
    const written: string[] = [];
    const batches: string[] = [];
    for (let minute = 1; minute <= 25; minute++) {
      const containerId = random.of(bottles);
      const at = instant(minute - (random.chance(0.2) ? random.next() * 20 : 0));
      const corrects = written.length > 0 && random.chance(0.25) ? random.of(written) : null;
      const what = random.weighted<Entry | 'batch' | 'tap' | null>([
        [3, { kind: 'filled', at, containerId, litres: 0.5, corrects }],
        [3, { kind: 'drank', at, containerId, litres: 0.25, corrects }],
        [1, { kind: 'spilt', at, containerId, all: true }],
        [1, corrects ? { kind: 'takenBack', at, corrects } : null],
        [1, 'batch'],
        [2, 'tap'],
        [1, null],
      ]);
      if (what === 'batch') {
        const answer = { method: 't', methodName: 'Tablets', steps: [{ ...step, id: 'dose' }], shortOf: [] };
        const request = { water: { volumeL: 0.5, clarity: 'clear' } };
        batches.push(
          await keep(device.db, 'batch', {
            container: '',
            startedAt: at,
            request,
            answer,
            containerId,
          } as never),
        );
      } else if (what === 'tap') {
        if (batches.length > 0)
          await keep(device.db, 'batch-event', {
            batchId: random.of(batches),
            kind: random.of(['done', 'undone', 'discarded'] as const),
            stepId: random.chance(0.5) ? 'dose' : null,
            at,
          });
      } else if (what !== null) written.push(await write(what));
      const on = await fold(known, minute);
      expect(plain(on.answer), `seed ${seed}, minute ${minute}`).toEqual(
        plain((await fold(null, minute)).answer),
      );
      known = on.ended;
      const byTouch: Folded = await foldTouched(touched, minute);
      expect(plain(byTouch.answer), `seed ${seed}, minute ${minute}, by what was touched`).toEqual(
        plain(on.answer),
      );
      touched = byTouch.ended;
    }
  }
});

const step = {
  kind: 'dose',
  title: '',
  detail: '',
  done: 'Added',
  clock: 'none',
  minutes: 0,
  optional: false,
  drinkAfter: true,
};

test('only what is new is sent, and nothing when only time has passed', async () => {
  await device.db.records.clear();
  for (let n = 0; n < 30; n++)
    await write({ kind: 'filled', at: instant(n), containerId: bottles[0], litres: 0.01 });
  const first = await fold(null, 40);
  expect(sent).toBe(30);
  await write({ kind: 'drank', at: instant(41), containerId: bottles[0], litres: 0.05 });
  const second = await fold(first.ended, 42);
  expect(sent).toBe(1);
  expect(second.answer.rawL).toBeCloseTo(0.25, 9);
  const third = await fold(second.ended, 43);
  expect(sent).toBe(0);
  // Who walks and the trip's sources are told with the answer, and change nothing that was folded.
  const ilva = { id: newId(), name: 'Ilva' };
  const spring = { id: newId(), source: { name: 'Spring', class: 'perennial' as const, alongKm: 3 } };
  const told = await fold(third.ended, 43, { ...frame, walkers: [ilva], sources: [spring] });
  expect(sent).toBe(0);
  expect(told.answer.walkers.map(({ name }) => name)).toContain('Ilva');
  expect(told.answer.tripSources.map(({ id }) => id)).toEqual([spring.id]);
  // Another kit, a clock set back, a line gone: from nothing.
  await fold(third.ended, 44, { ...frame, kit: kit.slice(0, 1) });
  expect(sent).toBe(31);
  await fold(third.ended, 42.5);
  expect(sent).toBe(31);
  await device.db.records.delete((await logKeys(device.db))[3]);
  await fold(third.ended, 45);
  expect(sent).toBe(30);
});

test('a checkpoint of this build is found again after a reload, another is not', async () => {
  const { checkpoint } = (await fold(null, 50)).ended;
  await keepCheckpoint(device.db, checkpoint);
  expect(await readCheckpoint(device.db)).toEqual(checkpoint);
  await keepCheckpoint(device.db, { ...checkpoint, build: 'another' });
  expect(await readCheckpoint(device.db)).toBeNull();
});

test('what was touched is known from any mark that is remembered', () => {
  const key = (n: number): Key => ['book', 'book-line', String(n)];
  const keys = new LogKeys([key(0)]);
  const first = keys.mark;
  keys.touch(key(1), true);
  keys.touch(key(1), false);
  keys.touch(key(2), true);
  expect(keys.since(first)).toEqual([key(1), key(2)]);
  expect(keys.has(key(1))).toBe(false);
  for (let n = 3; n < 5000; n++) keys.touch(key(n), true);
  const late = keys.mark;
  expect(keys.since(first)).toBeNull();
  expect(keys.since(late)).toEqual([]);
  expect(keys.all()).toHaveLength(4999);
  keys.replace([key(7)]);
  expect(keys.since(late)).toBeNull();
  expect(keys.all()).toEqual([key(7)]);
});

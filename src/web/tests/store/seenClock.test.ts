import { IDBFactory, IDBKeyRange } from 'fake-indexeddb';
import { beforeEach, expect, test } from 'vitest';
import { LocalStore } from '../../src/store/db';
import { changeSeen, noteServerTime, readSeen, trustClockFromHere } from '../../src/store/seenClock';

let db: LocalStore;
beforeEach(() => {
  db = new LocalStore('store', 'person', { indexedDB: new IDBFactory(), IDBKeyRange });
});

const noon = Date.UTC(2026, 7, 21, 12);
const at = (ms: number) => new Date(ms).toISOString();

test('how far the server is ahead is counted from the middle of the question and its answer', async () => {
  // Asked at noon, answered 4 s later: the server's clock read 32 s past when this one was at 2 s.
  await noteServerTime(db, at(noon + 32_000), noon, noon + 4_000);
  expect(await readSeen(db)).toEqual({ latest: null, ahead: 30, aheadBefore: 30, jump: null });
});

test('a later meeting leaves what the day began with, and settles a jump', async () => {
  await noteServerTime(db, at(noon), noon, noon);
  await changeSeen(db, (seen) => ({ ...seen, jump: 3600 }));
  await noteServerTime(db, at(noon - 3_600_000), noon, noon);
  expect(await readSeen(db)).toMatchObject({ ahead: -3600, aheadBefore: 0, jump: null });
});

test('the watch and the server at once: neither undoes the other', async () => {
  await Promise.all([
    changeSeen(db, (seen) => ({ ...seen, latest: noon })),
    noteServerTime(db, at(noon + 30_000), noon, noon),
    changeSeen(db, (seen) => ({ ...seen, latest: Math.max(seen.latest ?? 0, noon + 5) })),
  ]);
  expect(await readSeen(db)).toEqual({ latest: noon + 5, ahead: 30, aheadBefore: 30, jump: null });
});

test('trusted from here, only what comes later is measured against it', async () => {
  await noteServerTime(db, at(noon), noon, noon);
  await noteServerTime(db, at(noon + 90_000), noon, noon);
  await trustClockFromHere(db);
  expect(await readSeen(db)).toMatchObject({ ahead: 90, aheadBefore: 90, jump: null });
});

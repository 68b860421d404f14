import { beforeEach, expect, test } from 'vitest';
import { allBatches, batchesOf, settle, tap, tapRecords, tapsOf } from '../../src/store/batches';
import type { LocalStore } from '../../src/store/db';
import { failures } from '../../src/shared/failures';
import { keep } from '../../src/store/records';
import type { Store } from '../../src/store/StoreContext';
import { emptyStore, me } from './shelf';

let db: LocalStore;
let nudges: number;
let store: Store;

beforeEach(() => {
  db = emptyStore();
  nudges = 0;
  store = { db, sync: { nudge: () => nudges++ } } as unknown as Store;
  failures.clear();
});

const begin = (id: string, book = me) =>
  keep(db, 'batch', { container: `Bottle ${id}`, startedAt: '2026-08-21T08:00:00Z' } as never, { id, book });
const onBatch = (id: string, batchId: string, stepId: string) =>
  keep(db, 'batch-event', { batchId, kind: 'done', stepId, at: null, words: null } as never, { id });

test('each batch comes with its own taps, in the order they were made, whichever came in first', async () => {
  await onBatch('t3', 'b1', 'drink');
  await begin('b1');
  await begin('b2', 'trip');
  await onBatch('t1', 'b1', 'dose');
  await onBatch('t2', 'b2', 'boil');
  const all = await allBatches(db);
  expect(all.map(({ book, id, taps }) => [book, id, taps.map(({ id }) => id)])).toEqual([
    [me, 'b1', ['t1', 't3']],
    ['trip', 'b2', ['t2']],
  ]);
  expect(tapsOf(all[0]).map(({ stepId }) => stepId)).toEqual(['dose', 'drink']);
  expect((await tapRecords(db, ['b2'])).map(({ id }) => id)).toEqual(['t2']);
});

test('only the batches asked for are read, and those that are not here are none', async () => {
  await begin('b1');
  await begin('b2');
  expect((await batchesOf(db, ['b2', 'b9'])).map(({ id }) => id)).toEqual(['b2']);
  expect(await batchesOf(db, [])).toEqual([]);
});

test('what a batch does not tell is null or empty, never missing', async () => {
  await begin('b1');
  expect((await allBatches(db))[0]).toMatchObject({
    containerId: null,
    fromId: null,
    sourceId: null,
    taps: [],
  });
});

test('a batch that is over is not looked at again until someone taps on it', async () => {
  await begin('b1');
  const open = () => db.openBatches.toCollection().primaryKeys();
  expect(await open()).toEqual(['b1']);
  await settle(db, ['b1']);
  expect(await open()).toEqual([]);
  await settle(db, []);
  await tap(store, (await allBatches(db))[0], 'done', 'drink');
  expect(await open()).toEqual(['b1']);
  expect(nudges).toBe(1);
});

test('a tap goes into the batch’s own book, with what was said and added', async () => {
  await begin('b1', 'trip');
  await tap(store, (await allBatches(db))[0], 'toppedUp', null, { addedL: 0.5 });
  const [{ book, body }] = await tapRecords(db, ['b1']);
  expect(book).toBe('trip');
  expect(body).toMatchObject({ batchId: 'b1', kind: 'toppedUp', stepId: null, words: null, addedL: 0.5 });
  expect((await db.outbox.toArray()).map(({ kind }) => kind)).toEqual(['batch', 'batch-event']);
});

test('what was dosed for water added goes to the core as it was told', async () => {
  await begin('b1');
  const dose = { units: 1, words: '1 tablet', handMeasure: null, waitMinutes: 45 };
  await tap(store, (await allBatches(db))[0], 'toppedUp', null, {
    words: 'Add 1 tablet.',
    addedL: 0.5,
    dose,
  });
  const [batch] = await allBatches(db);
  expect(tapsOf(batch)).toMatchObject([{ kind: 'toppedUp', words: 'Add 1 tablet.', addedL: 0.5, dose }]);
});

test('a tap that could not be kept is told, and nobody is nudged', async () => {
  await begin('b1');
  const [batch] = await allBatches(db);
  db.close({ disableAutoOpen: true });
  await expect(tap(store, batch, 'done', 'drink')).resolves.toBeUndefined();
  expect(failures.current()).not.toBeNull();
  expect(nudges).toBe(0);
});

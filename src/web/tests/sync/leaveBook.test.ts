import { beforeEach, expect, test } from 'vitest';
import type { LocalStore } from '../../src/store/db';
import { keep, type Kind } from '../../src/store/records';
import { isAdrift, landed, setAdrift } from '../../src/store/sync/adrift';
import { isComparing, lineUpWhatIsMissing, startComparing } from '../../src/store/sync/compare';
import { leaveBook, stopWriting } from '../../src/store/sync/leaveBook';
import { emptyStore, me } from '../store/shelf';

let db: LocalStore;
beforeEach(() => {
  db = emptyStore();
});

const trip = 'trip';

/** A record that the server has already, by its author. */
async function sent(kind: Kind, id: string, author: string, batchId?: string) {
  await keep(db, kind, (batchId ? { batchId } : {}) as never, { id, book: trip });
  await db.records.update([trip, kind, id], { revision: 7, author });
  await db.outbox.where('[book+kind+id]').equals([trip, kind, id]).delete();
}
const unsent = (kind: Kind, id: string, batchId?: string) =>
  keep(db, kind, (batchId ? { batchId } : {}) as never, { id, book: trip });

const where = async () =>
  (await db.records.toArray()).map(({ book, kind, id }) => `${book} ${kind} ${id}`).sort();
const waiting = async () =>
  (await db.outbox.toArray()).map(({ book, kind, id }) => `${book} ${kind} ${id}`).sort();
const notices = async () => (await db.notices.toArray()).map(({ words }) => words);

test('who leaves a trip keeps what had not been sent and the batches they began, with every tap', async () => {
  await sent('book-line', 'theirs', 'torren');
  await sent('batch', 'mine', me);
  await sent('batch-event', 'tap', 'torren', 'mine');
  await sent('batch', 'other', 'torren');
  await unsent('book-line', 'note');
  await leaveBook(db, trip, 'Four days');
  expect(await where()).toEqual([`${me} batch mine`, `${me} batch-event tap`, `${me} book-line note`]);
  expect(await waiting()).toEqual([`${me} batch mine`, `${me} batch-event tap`, `${me} book-line note`]);
  expect((await db.records.toArray()).every(({ revision }) => revision === null)).toBe(true);
  expect((await db.openBatches.toArray()).map(({ book, id }) => [book, id])).toEqual([[me, 'mine']]);
  expect(await notices()).toEqual([
    'You are no longer in Four days: 1 record that had not been sent is in your own book now.',
  ]);
});

test('an unsent tap takes its batch along, whoever began it', async () => {
  await sent('batch', 'other', 'torren');
  await sent('batch-event', 'first', 'torren', 'other');
  await unsent('batch-event', 'second', 'other');
  await leaveBook(db, trip, null);
  expect(await where()).toEqual([`${me} batch other`, `${me} batch-event first`, `${me} batch-event second`]);
  expect(await notices()).toEqual([
    'You are no longer in a trip: 1 record that had not been sent is in your own book now.',
  ]);
});

test('what is in their own book already is not overwritten', async () => {
  await keep(db, 'book-line', { note: 'own' } as never, { id: 'note', book: me });
  await unsent('book-line', 'note');
  await leaveBook(db, trip, 'Four days');
  expect(await db.records.get([me, 'book-line', 'note'])).toMatchObject({ body: { note: 'own' } });
  expect(await where()).toEqual([`${me} book-line note`]);
});

test('who may only read from now on keeps the trip, and what had not been sent moves', async () => {
  await sent('book-line', 'theirs', 'torren');
  await unsent('book-line', 'a');
  await unsent('book-line', 'b');
  await db.meta.put({ key: `revision ${trip}`, value: 9 });
  await stopWriting(db, trip, 'Four days');
  expect(await where()).toEqual([`${me} book-line a`, `${me} book-line b`, `${trip} book-line theirs`]);
  // Pulled anew: what the server has of what moved comes back.
  expect(await db.meta.get(`revision ${trip}`)).toBeUndefined();
  expect(await notices()).toEqual([
    'You only follow Four days: 2 records that had not been sent are in your own book now.',
  ]);
  await stopWriting(db, trip, 'Four days');
  expect(await notices()).toHaveLength(1);
});

test('a store that went back in time is compared: what it lacks is sent again, by those who may', async () => {
  await sent('book-line', 'kept', me);
  await sent('book-line', 'lost', me);
  await unsent('book-line', 'new');
  await startComparing(db, [trip]);
  expect(await isComparing(db, trip)).toBe(true);
  expect((await db.records.toArray()).every(({ revision }) => revision === null)).toBe(true);
  // The server turns out to have one of them.
  await db.records.update([trip, 'book-line', 'kept'], { revision: 2 });
  await lineUpWhatIsMissing(db, trip, true);
  expect(await waiting()).toEqual([`${trip} book-line lost`, `${trip} book-line new`]);
  expect(await isComparing(db, trip)).toBe(false);
});

test('who may not write there sends nothing', async () => {
  await sent('book-line', 'lost', me);
  await startComparing(db, [trip]);
  await lineUpWhatIsMissing(db, trip, false);
  expect(await waiting()).toEqual([]);
  expect(await isComparing(db, trip)).toBe(false);
});

test('a trip the server lost stays here, is told of once, and is compared when it is shared again', async () => {
  await sent('book-line', 'last copy', me);
  await setAdrift(db, trip, 'Four days');
  await setAdrift(db, trip, 'Four days');
  expect(await isAdrift(db, trip)).toBe(true);
  expect(await where()).toEqual([`${trip} book-line last copy`]);
  expect(await notices()).toHaveLength(1);
  expect((await notices())[0]).toContain('no longer shares Four days with you');
  await landed(db, trip);
  expect([await isAdrift(db, trip), await isComparing(db, trip)]).toEqual([false, true]);
});

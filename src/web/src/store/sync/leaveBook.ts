import type { LocalRecord, LocalStore } from '../db';
import { linesIn, putAll, recordsIn } from '../records';

/**
 * Takes a trip's book off this device once it is no longer shared with the person. What had not been sent, and the batches they began
 * with every tap on them, move into their own book first, so that nothing of theirs is lost and no clock stops.
 * @param name What the trip was called, for the notice.
 */
export async function leaveBook(db: LocalStore, book: string, name: string | null): Promise<void> {
  await db.transaction('rw', [db.records, db.outbox, db.openBatches, db.meta, db.notices], async () => {
    const records = await recordsIn(db, book).toArray();
    const unsent = await moveUnsent(db, book, records, name, 'You are no longer in');
    const mine = new Set(
      records.filter((r) => r.kind === 'batch' && r.author === db.personId).map((r) => r.id),
    );
    await moveIn(
      db,
      records.filter((r) => mine.has(batchOf(r)) && !unsent.has(r)),
    );
    await db.records.bulkDelete(records.map((r) => [r.book, r.kind, r.id]));
    await db.openBatches.filter((batch) => batch.book === book).delete();
    await db.meta.bulkDelete([`revision ${book}`, `comparing ${book}`, `adrift ${book}`]);
  });
}

/** The person may read the trip's book still, but not write: what had not been sent moves into their own. */
export async function stopWriting(db: LocalStore, book: string, name: string | null): Promise<void> {
  if ((await linesIn(db, book).count()) === 0) return;
  await db.transaction('rw', [db.records, db.outbox, db.openBatches, db.meta, db.notices], async () => {
    const records = await recordsIn(db, book).toArray();
    const unsent = await moveUnsent(db, book, records, name, 'You only follow');
    await db.records.bulkDelete([...unsent].map((r) => [r.book, r.kind, r.id]));
    // What the server has of them comes back.
    await db.meta.delete(`revision ${book}`);
  });
}

/** The records that were moved. */
async function moveUnsent(
  db: LocalStore,
  book: string,
  records: LocalRecord[],
  name: string | null,
  why: string,
): Promise<Set<LocalRecord>> {
  const lines = new Set((await linesIn(db, book).toArray()).map(({ kind, id }) => `${kind} ${id}`));
  const unsent = new Set(records.filter((r) => lines.has(`${r.kind} ${r.id}`)));
  // A tap makes no sense without its batch.
  const batches = new Set([...unsent].filter((r) => r.kind === 'batch-event').map(batchOf));
  const along = records.filter((r) => !unsent.has(r) && batches.has(batchOf(r)));
  await moveIn(db, [...unsent, ...along]);
  await linesIn(db, book).delete();
  if (unsent.size > 0) {
    const what =
      unsent.size === 1
        ? '1 record that had not been sent is'
        : `${unsent.size} records that had not been sent are`;
    await db.notices.add({ words: `${why} ${name ?? 'a trip'}: ${what} in your own book now.` });
  }
  return unsent;
}

/** Puts records into the person's own book, to be sent there; what is there already stays. */
async function moveIn(db: LocalStore, records: LocalRecord[]): Promise<void> {
  const there = await db.records.bulkGet(records.map(({ kind, id }) => [db.personId, kind, id]));
  const moving = records.filter((_, i) => there[i] === undefined);
  await putAll(
    db,
    moving.map((record) => ({ ...record, book: db.personId, revision: null })),
  );
  await db.outbox.bulkAdd(
    moving.map(({ kind, id }) => ({ book: db.personId, kind, id, state: 'waiting' as const })),
  );
}

/** The batch a record is, or is a tap on. */
function batchOf({ kind, id, parent }: LocalRecord): string {
  return kind === 'batch' ? id : (parent ?? '');
}

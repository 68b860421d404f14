import type { LocalStore } from '../db';
import { putAll, recordsIn } from '../records';

/**
 * Takes a trip's book off this device once it is no longer shared with the person. The batches they began, with every tap on them,
 * move into their own book first, so that no clock of theirs stops.
 */
export async function leaveBook(db: LocalStore, book: string): Promise<void> {
  await db.transaction('rw', db.records, db.outbox, db.openBatches, db.meta, async () => {
    const records = await recordsIn(db, book).toArray();
    const mine = new Set(
      records.filter((r) => r.kind === 'batch' && r.author === db.personId).map((r) => r.id),
    );
    const moving = records.filter((r) => mine.has(r.kind === 'batch' ? r.id : (r.parent ?? '')));
    await db.records.bulkDelete(records.map((r) => [r.book, r.kind, r.id]));
    await db.outbox.filter((item) => item.book === book).delete();
    await db.openBatches.filter((batch) => batch.book === book).delete();
    await db.meta.delete(`revision ${book}`);
    await putAll(
      db,
      moving.map((record) => ({ ...record, book: db.personId, revision: null })),
    );
    await db.outbox.bulkAdd(
      moving.map(({ kind, id }) => ({ book: db.personId, kind, id, refused: null, theirs: null })),
    );
  });
}

import type { LocalStore } from '../db';
import { linesIn, recordsIn } from '../records';

const comparingKey = (book: string) => `comparing ${book}`;

/**
 * The store may have gone back in time: revisions known here mean nothing any more. The books are pulled from nothing and compared,
 * and until that is through the server's revision of no record here is believed.
 */
export async function startComparing(db: LocalStore, books: string[]): Promise<void> {
  await db.transaction('rw', db.records, db.meta, async () => {
    for (const book of books) {
      await recordsIn(db, book).modify({ revision: null });
      await db.meta.delete(`revision ${book}`);
      await db.meta.put({ key: comparingKey(book), value: true });
    }
  });
}

export async function isComparing(db: LocalStore, book: string): Promise<boolean> {
  return (await db.meta.get(comparingKey(book))) !== undefined;
}

/** Everything here that the server turned out not to have is sent again, by those who may write there. */
export async function lineUpWhatIsMissing(db: LocalStore, book: string, mayWrite: boolean): Promise<void> {
  await db.transaction('rw', db.records, db.outbox, db.meta, async () => {
    if (mayWrite) {
      const lined = new Set((await linesIn(db, book).toArray()).map(({ kind, id }) => `${kind} ${id}`));
      const missing = await recordsIn(db, book)
        .filter(({ kind, id, revision }) => revision === null && !lined.has(`${kind} ${id}`))
        .toArray();
      await db.outbox.bulkAdd(
        missing
          .sort((a, b) => (a.id < b.id ? -1 : 1))
          .map(({ kind, id }) => ({ book, kind, id, state: 'waiting' as const })),
      );
    }
    await db.meta.delete(comparingKey(book));
  });
}

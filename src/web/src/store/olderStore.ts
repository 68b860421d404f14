import Dexie, { type DexieOptions } from 'dexie';
import type { LocalStore } from './db';
import { putAll } from './records';
import { lookAgain } from './recordSchema';

interface OldRecord {
  kind: string;
  id: string;
  body: unknown;
}

/** What the page kept before there were accounts: one store for each server, and no books. */
const olderName = (storeId: string) => `jolly-brook-${storeId}`;

/**
 * Brings over what an earlier version of the page had kept and not sent, into the person's own book, and takes its store away. What is
 * here already stays as it is here.
 */
export async function bringOver(db: LocalStore, where: DexieOptions = {}): Promise<void> {
  const name = olderName(db.storeId);
  if (!(await isThere(name, where))) return;
  const old = new Dexie(name, where);
  await old.open();
  const hasLines = old.tables.some((table) => table.name === 'outbox');
  const unsent = hasLines ? ((await old.table('outbox').toArray()) as OldRecord[]) : [];
  const records = (await old.table('records').bulkGet(unsent.map(({ kind, id }) => [kind, id]))) as (
    OldRecord | undefined
  )[];
  await db.transaction('rw', [db.records, db.outbox, db.openBatches, db.meta, db.notices], async () => {
    const found = records.filter((record) => record !== undefined);
    const here = await db.records.bulkGet(found.map(({ kind, id }) => [db.personId, kind, id]));
    const missing = found.filter((_, i) => here[i] === undefined);
    await putAll(
      db,
      missing.map(({ kind, id, body }) => ({
        book: db.personId,
        kind,
        id,
        body,
        revision: null,
        author: db.personId,
      })),
    );
    await db.outbox.bulkAdd(
      missing.map(({ kind, id }) => ({ book: db.personId, kind, id, state: 'waiting' as const })),
    );
    if (missing.length > 0) {
      await lookAgain(db);
      const what = missing.length === 1 ? '1 record is' : `${missing.length} records are`;
      await db.notices.add({
        words: `${what} brought over from an earlier version of this page, and will be sent.`,
      });
    }
  });
  old.close();
  await new Dexie(name, where).delete();
}

/** Opening it would make it where there is none. */
async function isThere(name: string, where: DexieOptions): Promise<boolean> {
  const factory = (where.indexedDB ?? globalThis.indexedDB) as IDBFactory;
  return (await factory.databases()).some((one) => one.name === name);
}

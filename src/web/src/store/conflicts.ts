import { v7 as newId } from 'uuid';
import type { LocalStore, Outgoing } from './db';

/** Our version stands: it is sent again as a change of theirs. */
export async function keepMine(db: LocalStore, item: Outgoing): Promise<void> {
  await db.transaction('rw', db.records, db.outbox, async () => {
    await db.records.update([item.book, item.kind, item.id], { revision: item.theirs!.revision });
    await db.outbox.update(item.seq!, { theirs: null });
  });
}

/** Their version stands; ours is dropped. */
export async function takeTheirs(db: LocalStore, { seq, book, kind, id, theirs }: Outgoing): Promise<void> {
  await db.transaction('rw', db.records, db.outbox, async () => {
    await db.records.put({ book, kind, id, ...theirs! });
    await db.outbox.delete(seq!);
  });
}

/** Both stand: theirs as it is, ours as a record of its own. */
export async function keepBoth(db: LocalStore, item: Outgoing): Promise<void> {
  await db.transaction('rw', db.records, db.outbox, async () => {
    const mine = await db.records.get([item.book, item.kind, item.id]);
    await takeTheirs(db, item);
    const id = newId();
    await db.records.put({ ...mine!, id, revision: null });
    await db.outbox.add({ book: item.book, kind: item.kind, id, refused: null, theirs: null });
  });
}

/** Gives up on sending a record the server would not have. What the server has of it, if anything, comes back with the next pull. */
export async function dropRefused(db: LocalStore, { seq, book, kind, id }: Outgoing): Promise<void> {
  await db.transaction('rw', db.records, db.outbox, db.meta, async () => {
    await db.records.delete([book, kind, id]);
    await db.outbox.delete(seq!);
    await db.meta.delete(`revision ${book}`);
  });
}

/** Lines a refused record up once more. */
export async function tryAgain(db: LocalStore, { seq }: Outgoing): Promise<void> {
  await db.outbox.update(seq!, { refused: null });
}

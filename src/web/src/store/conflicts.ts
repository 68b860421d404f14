import { v7 as newId } from 'uuid';
import type { LocalStore, TheirVersion, Outgoing } from './db';
import { lineUpAgain } from './records';

/** A record in two versions. */
export type Conflict = Outgoing & { state: 'choose'; theirs: TheirVersion };

/** So many are looked at together; the rest follows as they are settled. */
const mostAtOnce = 50;

/** Records in two versions, oldest first. */
export async function openConflicts(db: LocalStore): Promise<Conflict[]> {
  const lines = await db.outbox.where('state').equals('choose').limit(mostAtOnce).toArray();
  return lines.filter((line): line is Conflict => line.state === 'choose');
}

/** Our version stands: it is sent again as a change of theirs. */
export async function keepMine(db: LocalStore, item: Conflict): Promise<void> {
  await db.transaction('rw', db.records, db.outbox, async () => {
    await db.records.update([item.book, item.kind, item.id], { revision: item.theirs.revision });
    await lineUpAgain(db, item);
  });
}

/** Their version stands; ours is dropped. */
export async function takeTheirs(db: LocalStore, { seq, book, kind, id, theirs }: Conflict): Promise<void> {
  await db.transaction('rw', db.records, db.outbox, async () => {
    await db.records.put({ book, kind, id, ...theirs });
    await db.outbox.delete(seq!);
  });
}

/** Both stand: theirs as it is, ours as a record of its own. */
export async function keepBoth(db: LocalStore, item: Conflict): Promise<void> {
  await db.transaction('rw', db.records, db.outbox, async () => {
    const mine = await db.records.get([item.book, item.kind, item.id]);
    await takeTheirs(db, item);
    const id = newId();
    await db.records.put({ ...mine!, id, revision: null });
    await db.outbox.add({ book: item.book, kind: item.kind, id, state: 'waiting' });
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

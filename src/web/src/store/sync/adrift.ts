import type { LocalStore } from '../db';
import { startComparing } from './compare';

const adriftKey = (book: string) => `adrift ${book}`;

/**
 * A trip that the server no longer has since it was put back to an earlier state. What is here may be the last copy: it stays, and goes up
 * again once the trip is shared once more.
 */
export async function setAdrift(db: LocalStore, book: string, name: string | null): Promise<void> {
  if (await isAdrift(db, book)) return;
  await db.transaction('rw', db.meta, db.notices, async () => {
    await db.meta.put({ key: adriftKey(book), value: true });
    await db.notices.add({
      words: `The server was put back to an earlier state and no longer shares ${name ?? 'a trip'} with you. Everything of it stays on this device. Ask its keeper for a new link.`,
    });
  });
}

export async function isAdrift(db: LocalStore, book: string): Promise<boolean> {
  return (await db.meta.get(adriftKey(book))) !== undefined;
}

/** Shared again: everything in it is compared. */
export async function landed(db: LocalStore, book: string): Promise<void> {
  await startComparing(db, [book]);
  await db.meta.delete(adriftKey(book));
}

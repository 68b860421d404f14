import type { About, ServerLink } from '../api';
import type { LocalStore } from '../db';
import { startComparing } from './compare';
import { leaveBook, stopWriting } from './leaveBook';
import { pullBook } from './pull';
import { sendWaiting } from './send';

const epochKey = 'epoch';
const namesKey = 'names';

/**
 * One round with the server, which has just said who is signed in: pulls every book, then sends what waits. Pulling comes first, so that
 * nothing that can't be sent keeps news away.
 */
export async function exchange(db: LocalStore, link: ServerLink, about: About): Promise<void> {
  const books = about.books;
  const names = ((await db.meta.get(namesKey))?.value as Record<string, string | null> | undefined) ?? {};
  for (const gone of await booksGone(
    db,
    books.map((book) => book.id),
  ))
    await leaveBook(db, gone, names[gone] ?? null);
  await db.meta.put({ key: namesKey, value: Object.fromEntries(books.map(({ id, name }) => [id, name])) });
  await heedEpoch(db, about);
  for (const { id, name, role } of books) {
    if (role === 'follower') await stopWriting(db, id, name);
    await pullBook(db, link, id, role !== 'follower');
  }
  await sendWaiting(db, link);
}

/** A new epoch: the store may have gone back in time, in every book. */
async function heedEpoch(db: LocalStore, about: About): Promise<void> {
  const known = (await db.meta.get(epochKey))?.value as string | undefined;
  if (known === about.epoch) return;
  const pulled = await booksPulled(db);
  if (pulled.length > 0) await startComparing(db, pulled);
  await db.meta.put({ key: epochKey, value: about.epoch });
}

async function booksPulled(db: LocalStore): Promise<string[]> {
  const keys = await db.meta.where('key').startsWith('revision ').primaryKeys();
  return keys.map((key) => key.slice('revision '.length));
}

/** Books on this device that are no longer shared, though one of their names may never have been pulled. */
async function booksGone(db: LocalStore, shared: string[]): Promise<string[]> {
  const lined = (await db.outbox.orderBy('[book+kind+id]').uniqueKeys()) as unknown as [
    string,
    string,
    string,
  ][];
  const here = new Set([...(await booksPulled(db)), ...lined.map(([book]) => book)]);
  return [...here].filter((book) => !shared.includes(book));
}

import type { About, BookCard, ServerLink } from '../api';
import type { LocalStore } from '../db';
import { isAdrift, landed, setAdrift } from './adrift';
import { startComparing } from './compare';
import { leaveBook, stopWriting } from './leaveBook';
import { pullBook } from './pull';
import { sendWaiting } from './send';

const epochKey = 'epoch';
const booksKey = 'books';

/**
 * One round with the server, which has just said who is signed in: pulls every book, then sends what waits. Pulling comes first, so that
 * nothing that can't be sent keeps news away.
 */
export async function exchange(db: LocalStore, link: ServerLink, heard: About): Promise<void> {
  const about = await withBooksBack(db, link, heard);
  const { books } = about;
  await db.meta.put({ key: booksKey, value: books });
  await heedEpoch(db, about);
  for (const { id, name, role } of books) {
    if (await isAdrift(db, id)) await landed(db, id);
    if (role === 'follower') await stopWriting(db, id, name);
    await pullBook(db, link, id, role !== 'follower');
  }
  // What is drawn waits for this on a new device, not for what is sent.
  await db.meta.put({ key: 'met', value: new Date().toISOString() });
  await sendWaiting(db, link, new Set(books.filter(({ role }) => role !== 'follower').map(({ id }) => id)));
}

/**
 * Sees to books that are no longer shared. After a restore that is no word to go by: a trip may only be younger than the backup. Then it
 * stays here, and its keeper's device makes it again.
 */
async function withBooksBack(db: LocalStore, link: ServerLink, about: About): Promise<About> {
  const known = new Map(
    ((await db.meta.get(booksKey))?.value as BookCard[] | undefined)?.map((book) => [book.id, book]),
  );
  const restored = await isNewEpoch(db, about);
  let made = false;
  for (const gone of await booksGone(
    db,
    about.books.map(({ id }) => id),
  )) {
    const before = known.get(gone);
    if (!restored && !(await isAdrift(db, gone))) await leaveBook(db, gone, before?.name ?? null);
    else if (before?.role === 'keeper' && before.name !== null)
      made = (await makeAgain(link, gone, before.name)) || made;
    else await setAdrift(db, gone, before?.name ?? null);
  }
  return made ? link.askAbout() : about;
}

async function makeAgain(link: ServerLink, book: string, name: string): Promise<boolean> {
  const { response } = await link.api.PUT('/api/trips/{book}', {
    params: { path: { book } },
    body: { name },
  });
  return response.ok;
}

async function isNewEpoch(db: LocalStore, { epoch }: About): Promise<boolean> {
  const known = (await db.meta.get(epochKey))?.value as string | undefined;
  return known !== epoch && (known !== undefined || (await booksPulled(db)).length > 0);
}

/** A new epoch: the store may have gone back in time, in every book. */
async function heedEpoch(db: LocalStore, about: About): Promise<void> {
  if (await isNewEpoch(db, about)) await startComparing(db, await booksHere(db));
  await db.meta.put({ key: epochKey, value: about.epoch });
}

async function booksPulled(db: LocalStore): Promise<string[]> {
  const keys = await db.meta.where('key').startsWith('revision ').primaryKeys();
  return keys.map((key) => key.slice('revision '.length));
}

/** Books that have anything on this device. */
async function booksHere(db: LocalStore): Promise<string[]> {
  const here = new Set(await booksPulled(db));
  await db.records.orderBy('[book+kind+id]').eachKey((key) => here.add((key as unknown as string[])[0]));
  return [...here];
}

/** Books on this device that are not shared now. */
async function booksGone(db: LocalStore, shared: string[]): Promise<string[]> {
  const here = await booksPulled(db);
  const lined = (await db.outbox.orderBy('[book+kind+id]').uniqueKeys()) as unknown as [
    string,
    string,
    string,
  ][];
  const adrift = await db.meta.where('key').startsWith('adrift ').primaryKeys();
  const all = new Set([
    ...here,
    ...lined.map(([book]) => book),
    ...adrift.map((key) => key.slice('adrift '.length)),
  ]);
  return [...all].filter((book) => !shared.includes(book));
}

import { sameJson } from '../../shared/sameJson';
import { ownProblem, type ServerLink } from '../api';
import type { LocalRecord, LocalStore, TheirVersion } from '../db';
import { putAll } from '../records';
import { isCurrent } from '../recordSchema';
import type { Schema } from '../../core/contract';
import { isComparing, lineUpWhatIsMissing, startComparing } from './compare';

type Changed = Schema<'ChangedRecord'>;

/** The server is of another version than this page: loaded again, it will be of the same. */
export class OtherVersion extends Error {}

/**
 * Pulls what is new in a book. What waits to be sent from here is left as it is: sending it brings up the other version. Where the
 * store has gone back in time, what is here is compared with all that is there, and nothing is taken off this device.
 */
export async function pullBook(
  db: LocalStore,
  link: ServerLink,
  book: string,
  mayWrite: boolean,
): Promise<void> {
  const key = `revision ${book}`;
  for (;;) {
    const since = ((await db.meta.get(key))?.value as number | undefined) ?? 0;
    const { data, error, response } = await link.api.GET('/api/books/{book}/changes', {
      params: { path: { book }, query: { since } },
    });
    if (!data) {
      // Shared no more since the list of books was read: the next round sees to it.
      if (ownProblem(error)?.type === '/problems/no-such-book') return;
      throw new Error(`The server answered ${response.status}.`);
    }
    if (data.latest < since) {
      await startComparing(db, [book]);
      continue;
    }
    if (!data.records.every(isCurrent)) throw new OtherVersion('The server is of another version.');
    const comparing = await isComparing(db, book);
    await db.transaction('rw', db.records, db.outbox, db.openBatches, db.meta, async () => {
      if (comparing) await compare(db, book, data.records);
      else await take(db, book, data.records);
      await db.meta.put({ key, value: data.revision });
    });
    if (data.more) continue;
    if (comparing) await lineUpWhatIsMissing(db, book, mayWrite);
    await sayWhenNearlyFull(db, book, data);
    return;
  }
}

const megabyte = 1024 * 1024;

/** Once, and again after there was room in between. */
async function sayWhenNearlyFull(
  db: LocalStore,
  book: string,
  { bytes, mostBytes, nearlyFull }: Schema<'Changes'>,
): Promise<void> {
  const key = `nearly full ${book}`;
  if (!nearlyFull) return db.meta.delete(key);
  if ((await db.meta.get(key)) !== undefined) return;
  await db.transaction('rw', db.meta, db.notices, async () => {
    await db.meta.put({ key, value: true });
    const which = book === db.personId ? 'Your own book' : 'A trip’s book';
    await db.notices.add({
      words: `${which} is nearly full: ${Math.floor(bytes / megabyte)} of ${Math.floor(mostBytes / megabyte)} MB. Take a backup under Settings, and go on in a new trip before it takes nothing more.`,
    });
  });
}

/** Takes news in as they are. */
async function take(db: LocalStore, book: string, records: Changed[]): Promise<void> {
  const news = await notInLine(db, book, records);
  const gone = news.filter(({ body }) => body === null);
  await db.records.bulkDelete(gone.map(({ kind, id }) => [book, kind, id]));
  await putAll(
    db,
    news.flatMap((record) => local(book, record)),
  );
}

/** Compares what is there with what is here: new is taken in, the same gets its revision, what differs is asked about. */
async function compare(db: LocalStore, book: string, records: Changed[]): Promise<void> {
  const news = await notInLine(db, book, records);
  const here = await db.records.bulkGet(news.map(({ kind, id }) => [book, kind, id]));
  for (const [i, theirs] of news.entries()) {
    const mine = here[i];
    if (mine === undefined) await putAll(db, local(book, theirs));
    else if (theirs.body === null || sameJson(mine.body, theirs.body)) await known(db, mine, theirs);
    else
      await db.outbox.add({
        book,
        kind: theirs.kind,
        id: theirs.id,
        state: 'choose',
        theirs: versionOf(theirs),
      });
  }
}

/** The server has it as it is here, or has taken it out: then it is sent again as a change of that. */
async function known(db: LocalStore, mine: LocalRecord, theirs: Changed): Promise<void> {
  const { book, kind, id } = mine;
  await db.records.update([book, kind, id], {
    revision: theirs.revision,
    author: theirs.author ?? mine.author,
  });
  if (theirs.body === null) await db.outbox.add({ book, kind, id, state: 'waiting' });
}

function local(book: string, { kind, id, revision, author, schema, body }: Changed): LocalRecord[] {
  return body === null ? [] : [{ book, kind, id, revision, author, schema, body }];
}

function versionOf({ revision, author, schema, body }: Changed): TheirVersion {
  return { revision, author, schema, body };
}

/**
 * Those of the records that have nothing here to be sent. Where the person has yet to choose between two versions, the other one is now
 * the newest.
 */
async function notInLine(db: LocalStore, book: string, records: Changed[]): Promise<Changed[]> {
  const lines = await db.outbox
    .where('[book+kind+id]')
    .anyOf(records.map(({ kind, id }) => [book, kind, id]))
    .toArray();
  const inLine = new Map(lines.map((line) => [`${line.kind} ${line.id}`, line]));
  for (const record of records) {
    const line = inLine.get(`${record.kind} ${record.id}`);
    if (line?.state !== 'choose' || record.body === null) continue;
    await db.outbox.put({ ...line, theirs: versionOf(record) });
  }
  return records.filter(({ kind, id }) => !inLine.has(`${kind} ${id}`));
}

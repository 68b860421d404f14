import type { Problem, Schema } from '../../core/contract';
import { sameJson } from '../../shared/sameJson';
import { NotOurServer, ownProblem, ServerFull, type ServerLink } from '../api';
import type { LocalRecord, LocalStore, Outgoing } from '../db';

const mostAtOnce = 200;
/** Well below what the server takes in one request, characters. */
const mostLetters = 400_000;
const singleFailure = 500;

type End = Schema<'RecordEnd'>;

interface Sending {
  item: Outgoing;
  record: LocalRecord;
}

/**
 * Sends what waits, oldest first, many at once. One that can't be kept is set aside with the reason, and the rest goes on.
 * @param books Where the person may write now; what waits for another book stays in line.
 */
export async function sendWaiting(db: LocalStore, link: ServerLink, books: Set<string>): Promise<void> {
  for (let after = 0; ;) {
    const waiting = await nextWaiting(db, after, books);
    if (waiting.length === 0) return;
    after = waiting.at(-1)!.seq!;
    for (const some of await loads(db, waiting)) await sendLoad(db, link, some);
  }
}

/** What is changed on its way gets in line again behind `after`, so the next round sends it. */
async function nextWaiting(db: LocalStore, after: number, books: Set<string>): Promise<Outgoing[]> {
  return db.outbox
    .where('seq')
    .above(after)
    .and((item) => item.state === 'waiting' && books.has(item.book))
    .limit(mostAtOnce)
    .toArray();
}

/** By book, and no more at once than the server takes. */
async function loads(db: LocalStore, items: Outgoing[]): Promise<Sending[][]> {
  const records = await db.records.bulkGet(items.map(({ book, kind, id }) => [book, kind, id]));
  const made: Sending[][] = [];
  let letters = 0;
  for (const [i, item] of items.entries()) {
    const record = records[i];
    if (record === undefined) {
      await db.outbox.delete(item.seq!);
      continue;
    }
    const size = JSON.stringify(record.body).length;
    const last = made.at(-1);
    if (last === undefined || last[0].item.book !== item.book || letters + size > mostLetters) {
      made.push([{ item, record }]);
      letters = size;
    } else {
      last.push({ item, record });
      letters += size;
    }
  }
  return made;
}

async function sendLoad(db: LocalStore, link: ServerLink, some: Sending[]): Promise<void> {
  const sent = await post(link, some);
  if (Array.isArray(sent)) {
    await note(db, link, some, sent);
    return;
  }
  if (some.length === 1) throw new Error(`The server answered ${sent}.`);
  // One of them may be what the server stumbles over: each by itself, and that one is set aside if others got through.
  const ends = [];
  for (const one of some) ends.push(await post(link, [one]));
  if (ends.every((end) => !Array.isArray(end))) throw new Error(`The server answered ${sent}.`);
  for (const [i, one] of some.entries()) {
    const end = ends[i];
    if (Array.isArray(end)) await note(db, link, [one], end);
    else await refuse(db, one.item, `The server failed on this record (${end}). Try again later.`);
  }
}

/** How each of them ended, or the status of a server that failed on the whole. Anything else settles nothing, and is tried again. */
async function post(link: ServerLink, some: Sending[]): Promise<End[] | number> {
  const { book } = some[0].item;
  const records = some.map(({ item, record }) => ({
    kind: item.kind,
    id: item.id,
    baseRevision: record.revision,
    schema: record.schema,
    body: record.body,
  }));
  const response = await link.sendJson('POST', `/api/books/${book}/records`, JSON.stringify({ records }));
  const answer: unknown = await response.json().catch(() => null);
  if (response.ok) {
    const ends = (answer as { records?: End[] } | null)?.records;
    if (!Array.isArray(ends) || ends.length !== some.length)
      throw new NotOurServer('Not an answer of our server.');
    return ends;
  }
  const problem = ownProblem(answer);
  if (problem?.type === '/problems/server-full') throw new ServerFull(problem.detail);
  if (problem === null && response.status < singleFailure)
    throw new NotOurServer(`Someone else answered ${response.status}.`);
  if (problem !== null && settles(problem)) return some.map(() => ({ revision: null, problem }));
  if (response.status < singleFailure) throw new Error(`The server answered ${response.status}.`);
  return response.status;
}

/** Whether it is about what was sent, and not about who sent it and when. */
function settles({ type, status }: Problem): boolean {
  return (
    status < 500 &&
    ![
      '/problems/signed-out',
      '/problems/form-token',
      '/problems/too-many-tries',
      '/problems/no-such-book',
    ].includes(type)
  );
}

async function note(db: LocalStore, link: ServerLink, some: Sending[], ends: End[]): Promise<void> {
  await db.transaction('rw', db.records, db.outbox, async () => {
    for (const [i, { item, record }] of some.entries()) {
      const { revision } = ends[i];
      if (revision !== null) await kept(db, item, record, revision);
    }
  });
  for (const [i, { item }] of some.entries()) {
    const { problem } = ends[i];
    if (problem === null) continue;
    if (problem.status === 409 && (await keepTheirs(db, link, item))) continue;
    await refuse(db, item, problem.detail);
  }
}

async function kept(db: LocalStore, item: Outgoing, sent: LocalRecord, revision: number): Promise<void> {
  const key: [string, string, string] = [item.book, item.kind, item.id];
  const now = await db.records.get(key);
  if (now === undefined) return;
  await db.records.update(key, { revision });
  await db.outbox.delete(item.seq!);
  // Changed while it was on its way: it gets in line once more.
  if (!sameJson(now.body, sent.body))
    await db.outbox.add({ book: item.book, kind: item.kind, id: item.id, state: 'waiting' });
}

async function refuse(db: LocalStore, { seq, book, kind, id }: Outgoing, why: string): Promise<void> {
  await db.outbox.put({ seq, book, kind, id, state: 'refused', why });
}

/** Changed elsewhere too: that version is kept beside ours until the person has chosen. */
async function keepTheirs(
  db: LocalStore,
  link: ServerLink,
  { seq, book, kind, id }: Outgoing,
): Promise<boolean> {
  const { data } = await link.api.GET('/api/books/{book}/records/{kind}/{id}', {
    params: { path: { book, kind, id } },
  });
  if (!data) throw new Error('The record could not be read back.');
  if (data.body === null) {
    // Taken out there, still wanted here: sent as a change of that.
    await db.records.update([book, kind, id], { revision: data.revision });
    return true;
  }
  const { revision, schema, body, author } = data;
  await db.outbox.put({ seq, book, kind, id, state: 'choose', theirs: { revision, schema, body, author } });
  return true;
}

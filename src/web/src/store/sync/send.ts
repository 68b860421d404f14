import type { Problem } from '../../core/contract';
import { api, sendJson } from '../api';
import type { LocalStore, Outgoing } from '../db';

/** Sends what waits, oldest first. True when something changed on its way and has to go again. */
export async function sendWaiting(db: LocalStore): Promise<boolean> {
  const waiting = await db.outbox.orderBy('seq').toArray();
  let again = false;
  for (const item of waiting) {
    if (item.refused === null && item.theirs === null && (await sendOne(db, item))) again = true;
  }
  return again;
}

async function sendOne(db: LocalStore, item: Outgoing): Promise<boolean> {
  const key: [string, string, string] = [item.book, item.kind, item.id];
  const record = await db.records.get(key);
  if (!record) {
    await db.outbox.delete(item.seq!);
    return false;
  }
  const response = await sendJson(
    'PUT',
    `/api/books/${item.book}/records/${item.kind}/${item.id}`,
    JSON.stringify({ baseRevision: record.revision, body: record.body }),
  );
  if (response.ok) {
    const { revision } = (await response.json()) as { revision: number };
    return db.transaction('rw', db.records, db.outbox, async () => {
      const now = await db.records.get(key);
      await db.records.update(key, { revision });
      // Changed while it was on its way: it stays in line.
      if (JSON.stringify(now?.body) !== JSON.stringify(record.body)) return true;
      await db.outbox.delete(item.seq!);
      return false;
    });
  }
  const problem = (await response.json().catch(() => null)) as Problem | null;
  // Not the record's fault: the whole run is tried again.
  if (response.status >= 500 || response.status === 401 || problem?.type === '/problems/form-token') {
    throw new Error(`The server answered ${response.status}.`);
  }
  if (response.status === 409 && (await keepTheirs(db, item))) return false;
  await db.outbox.update(item.seq!, {
    refused: problem?.detail ?? `The server answered ${response.status}.`,
  });
  return false;
}

/** Changed elsewhere too: that version is kept beside ours until the person has chosen. */
async function keepTheirs(db: LocalStore, { seq, book, kind, id }: Outgoing): Promise<boolean> {
  const { data } = await api.GET('/api/books/{book}/records/{kind}/{id}', {
    params: { path: { book, kind, id } },
  });
  if (!data) throw new Error('The record could not be read back.');
  if (kind === 'batch' || kind === 'batch-event' || data.body === null) return false;
  await db.outbox.update(seq!, {
    theirs: { revision: data.revision, body: data.body, author: data.author },
  });
  return true;
}

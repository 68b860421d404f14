import { v7 as newId } from 'uuid';
import type { Schema } from '../core/contract';
import type { LocalRecord, LocalStore, Outgoing } from './db';
import { failures } from '../shared/failures';
import { schemaOf } from './recordSchema';

/** What each kind of record holds. */
export interface Bodies {
  batch: Schema<'BatchRecord'>;
  'batch-event': Schema<'BatchEventRecord'>;
  'kit-item': Schema<'KitItem'>;
  settings: Schema<'PersonSettings'>;
  'trip-source': Schema<'TripSource'>;
  route: Schema<'TripRoute'>;
  walker: Schema<'Walker'>;
  'sweat-test': Schema<'SweatTest'>;
  'book-line': Schema<'BookLine'>;
  day: Schema<'DayBook'>;
  'drill-result': Schema<'DrillResult'>;
}

export type Kind = keyof Bodies;

export interface Kept<K extends Kind> {
  book: string;
  id: string;
  author: string | null;
  body: Bodies[K];
}

/**
 * Keeps a record here, whole or not at all, and lines it up to be sent. Rejects, and tells the screen, when it could not be kept.
 */
export async function keep<K extends Kind>(
  db: LocalStore,
  kind: K,
  body: Bodies[K],
  { id = newId(), book = db.personId }: { id?: string; book?: string } = {},
): Promise<string> {
  try {
    await db.transaction('rw', db.records, db.outbox, db.openBatches, async () => {
      const before = await db.records.get([book, kind, id]);
      await putAll(db, [
        {
          book,
          kind,
          id,
          body,
          schema: schemaOf(kind),
          revision: before?.revision ?? null,
          author: db.personId,
        },
      ]);
      const waiting = await db.outbox.where('[book+kind+id]').equals([book, kind, id]).first();
      if (!waiting) await db.outbox.add({ book, kind, id, state: 'waiting' });
      // Mended here: it may be sent again.
      else if (waiting.state === 'refused') await lineUpAgain(db, waiting);
    });
  } catch (error) {
    failures.report(error);
    throw error;
  }
  return id;
}

/** Keeps a record of the person's own with the lines that tell of it, all of them or none. Returns its id. */
export async function keepWith<K extends 'kit-item'>(
  db: LocalStore,
  kind: K,
  body: Bodies[K],
  known: string | null,
  linesOf: (id: string) => Bodies['book-line'][],
): Promise<string> {
  const id = known ?? newId();
  await db.transaction('rw', db.records, db.outbox, db.openBatches, async () => {
    await keep(db, kind, body, { id });
    await keepMany(db, 'book-line', linesOf(id));
  });
  return id;
}

/** Keeps many new records of a kind that no batch hangs on, all of them or none. */
export async function keepMany<K extends Exclude<Kind, 'batch' | 'batch-event'>>(
  db: LocalStore,
  kind: K,
  bodies: Bodies[K][],
  { book = db.personId }: { book?: string } = {},
): Promise<string[]> {
  const ids = bodies.map(() => newId());
  try {
    await db.transaction('rw', db.records, db.outbox, async () => {
      const author = db.personId;
      await db.records.bulkAdd(
        bodies.map((body, i) => ({
          book,
          kind,
          id: ids[i],
          body,
          schema: schemaOf(kind),
          revision: null,
          author,
        })),
      );
      await db.outbox.bulkAdd(ids.map((id) => ({ book, kind, id, state: 'waiting' as const })));
    });
  } catch (error) {
    failures.report(error);
    throw error;
  }
  return ids;
}

/** Puts a line back among those that are sent. */
export async function lineUpAgain(db: LocalStore, { seq, book, kind, id }: Outgoing): Promise<void> {
  await db.outbox.put({ seq, book, kind, id, state: 'waiting' });
}

/** Writes records, and marks the batches they are or belong to as ones that may be running. For use inside a transaction. */
export async function putAll(db: LocalStore, records: LocalRecord[]): Promise<void> {
  const withParents = records.map((record) =>
    record.kind === 'batch-event' ? { ...record, parent: parentOf(record) } : record,
  );
  await db.records.bulkPut(withParents);
  const batches = withParents.flatMap(({ book, kind, id, parent }) =>
    kind === 'batch' ? [{ book, id }] : parent === undefined ? [] : [{ book, id: parent }],
  );
  await db.openBatches.bulkPut(batches);
}

function parentOf({ body }: LocalRecord): string | undefined {
  return (body as Bodies['batch-event']).batchId ?? undefined;
}

/** The records of a kind in every book, by id. */
export function ofKind(db: LocalStore, kind: Kind) {
  return db.records.where('[kind+id]').between([kind, ''], [kind, '\uffff']);
}

/** One record by its id, whatever book it is in. */
export function oneOf(db: LocalStore, kind: Kind, id: string): Promise<LocalRecord | undefined> {
  return db.records.where('[kind+id]').equals([kind, id]).first();
}

/** Those of a kind with these ids that are here, whatever book they are in. */
export function withIds(db: LocalStore, kind: Kind, ids: string[]): Promise<LocalRecord[]> {
  return db.records
    .where('[kind+id]')
    .anyOf(ids.map((id) => [kind, id]))
    .toArray();
}

/** Every record of a kind in every book, oldest first: ids are version 7 UUIDs, which sort by time. */
export async function all<K extends Kind>(db: LocalStore, kind: K): Promise<Kept<K>[]> {
  const found = await ofKind(db, kind).toArray();
  return found.map((record) => kept<K>(record));
}

/** The newest records of a kind, so many of them, oldest first. */
export async function newestOf<K extends Kind>(db: LocalStore, kind: K, count: number): Promise<Kept<K>[]> {
  const found = await ofKind(db, kind).reverse().limit(count).toArray();
  return found.reverse().map((record) => kept<K>(record));
}

/** Every record of one book. */
export function recordsIn(db: LocalStore, book: string) {
  return db.records.where('[book+kind+id]').between([book, '', ''], [book, '\uffff', '']);
}

/** Every line of one book that has still to reach the server. */
export function linesIn(db: LocalStore, book: string) {
  return db.outbox.where('[book+kind+id]').between([book, '', ''], [book, '\uffff', '']);
}

/** A record as the rooms read it. */
export function kept<K extends Kind>({ book, id, author, body }: LocalRecord): Kept<K> {
  return { book, id, author, body: body as Bodies[K] };
}

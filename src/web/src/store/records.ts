import { v7 as newId } from 'uuid';
import type { Schema } from '../core/contract';
import type { LocalStore } from './db';

/** What each kind of record holds. */
export interface Bodies {
  batch: Schema<'BatchRecord'>;
  'batch-event': Schema<'BatchEventRecord'>;
  'kit-item': Schema<'KitItem'>;
  settings: Schema<'PersonSettings'>;
  'trip-source': Schema<'TripSource'>;
}

export type Kind = keyof Bodies;

export interface Kept<K extends Kind> {
  id: string;
  body: Bodies[K];
}

/** Keeps a record here, whole or not at all, and lines it up to be sent. */
export async function keep<K extends Kind>(
  db: LocalStore,
  kind: K,
  body: Bodies[K],
  id: string = newId(),
): Promise<string> {
  await db.transaction('rw', db.records, db.outbox, async () => {
    const before = await db.records.get([kind, id]);
    await db.records.put({ kind, id, body, revision: before?.revision ?? null });
    const waiting = await db.outbox.where('[kind+id]').equals([kind, id]).count();
    if (waiting === 0) await db.outbox.add({ kind, id, refused: null });
  });
  return id;
}

/** Every record of a kind, oldest first: ids are version 7 UUIDs, which sort by time. */
export async function all<K extends Kind>(db: LocalStore, kind: K): Promise<Kept<K>[]> {
  const found = await db.records.where('kind').equals(kind).sortBy('id');
  return found.map((record) => ({ id: record.id, body: record.body as Bodies[K] }));
}

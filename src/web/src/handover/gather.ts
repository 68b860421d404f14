import { tapRecords } from '../store/batches';
import { ofKind, oneOf } from '../store/records';
import type { LocalRecord, LocalStore } from '../store/db';
import { schemaOf } from '../store/recordSchema';
import type { Bundle } from './bundle';
import type { Schema } from '../core/contract';

/** What may be handed over. */
export type Thing =
  | { of: 'trip'; routeId: string; withParty: boolean }
  | { of: 'kit' }
  | { of: 'lines'; since: string }
  | { of: 'batch'; batchId: string };

/** The records of a thing, whatever book they are in. */
export async function recordsOf(db: LocalStore, thing: Thing): Promise<LocalRecord[]> {
  switch (thing.of) {
    case 'trip': {
      const route = await oneOf(db, 'route', thing.routeId);
      if (!route) return [];
      const sources = (await ofKind(db, 'trip-source').toArray()).filter(
        ({ body }) => (body as { routeId?: string }).routeId === route.id,
      );
      const party = thing.withParty
        ? [
            ...(await ofKind(db, 'walker').toArray()).filter(({ book }) => book === route.book),
            ...(await carried(db)),
          ]
        : [];
      return [route, ...sources, ...party];
    }
    case 'kit':
      return carried(db);
    case 'lines':
      return (await ofKind(db, 'book-line').toArray()).filter(
        ({ body }) => writtenAt(body) >= Date.parse(thing.since),
      );
    case 'batch': {
      const batch = await oneOf(db, 'batch', thing.batchId);
      const taps = await tapRecords(db, [thing.batchId]);
      return batch ? [batch, ...taps] : [];
    }
  }
}

/** A bundle of records. */
export function bundleOf(records: LocalRecord[], from: string, title: string, now: Date): Bundle {
  const books = new Map<string, Schema<'BackupEntry'>[]>();
  for (const { book, kind, id, schema, body } of records) {
    const entries = books.get(book) ?? [];
    entries.push({ kind, id, schema: schema ?? schemaOf(kind), body: body });
    books.set(book, entries);
  }
  return {
    format: 'jolly-brook-handover',
    version: 1,
    from,
    title,
    madeAt: now.toISOString(),
    books: [...books].map(([id, entries]) => ({ id, records: entries })),
  };
}

/** When a line was told to have happened. */
function writtenAt(body: unknown): number {
  return Date.parse((body as { at?: string }).at ?? '');
}

async function carried(db: LocalStore) {
  return (await ofKind(db, 'kit-item').toArray()).filter(
    ({ body }) => (body as { retired?: boolean | null }).retired !== true,
  );
}

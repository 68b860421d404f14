import Dexie, { type Table } from 'dexie';

/** A record as this page keeps it. */
export interface LocalRecord {
  kind: string;
  id: string;
  body: unknown;
  /** The server's revision; null until it has been sent. */
  revision: number | null;
}

/** A record waiting to be sent. */
export interface Outgoing {
  seq?: number;
  kind: string;
  id: string;
  /** Why the server would not have it; null while it may still be sent. */
  refused: string | null;
}

export interface Meta {
  key: string;
  value: number;
}

/** The local store: one for each store of a server, so that demo and own data never mix. */
export class LocalStore extends Dexie {
  records!: Table<LocalRecord, [string, string]>;
  outbox!: Table<Outgoing, number>;
  meta!: Table<Meta, string>;

  constructor(readonly storeId: string) {
    super(`jolly-brook-${storeId}`);
    this.version(1).stores({ records: '[kind+id], kind', outbox: '++seq, [kind+id]', meta: 'key' });
  }
}

import Dexie, { type Table } from 'dexie';

/** A record as this page keeps it. */
export interface LocalRecord {
  /** Whose book it is in: the person's own, or a trip's. */
  book: string;
  kind: string;
  id: string;
  body: unknown;
  /** The server's revision; null until it has been sent. */
  revision: number | null;
  /** Who wrote it last; null where nobody was asked yet. */
  author: string | null;
  /** The batch a tap belongs to. */
  parent?: string;
}

/** What another device made of a record that was changed here too. */
export interface OtherVersion {
  revision: number;
  body: unknown;
  author: string | null;
}

/** A record waiting to be sent. */
export interface Outgoing {
  seq?: number;
  book: string;
  kind: string;
  id: string;
  /** Why the server would not have it; null while it may still be sent. */
  refused: string | null;
  /** The version it was changed to elsewhere; the person has to choose. */
  theirs: OtherVersion | null;
}

/** A batch that may still be running. */
export interface OpenBatch {
  book: string;
  id: string;
}

export interface Meta {
  key: string;
  value: unknown;
}

/** The local store: one for each person and each store of a server, so that nothing ever mixes. */
export class LocalStore extends Dexie {
  records!: Table<LocalRecord, [string, string, string]>;
  outbox!: Table<Outgoing, number>;
  openBatches!: Table<OpenBatch, string>;
  meta!: Table<Meta, string>;

  constructor(
    readonly storeId: string,
    readonly personId: string,
  ) {
    // What the screen has acknowledged must outlast a flat battery, so every write goes through to the disk.
    super(`jolly-brook-${storeId}-${personId}`, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({
      records: '[book+kind+id], [kind+id], [kind+parent]',
      outbox: '++seq, [book+kind+id]',
      openBatches: 'id',
      meta: 'key',
    });
  }
}

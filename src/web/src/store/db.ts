import Dexie, { type DexieOptions, type Table } from 'dexie';

/** A record as this page keeps it. */
export interface LocalRecord {
  /** Whose book it is in: the person's own, or a trip's. */
  book: string;
  kind: string;
  id: string;
  body: unknown;
  /** The schema the body is written in; the first where it does not say. */
  schema?: number;
  /** The server's revision; null until it has been sent. */
  revision: number | null;
  /** Who wrote it last; null where nobody was asked yet. */
  author: string | null;
  /** The batch a tap belongs to. */
  parent?: string;
}

/** What another device made of a record that was changed here too. */
export interface TheirVersion {
  revision: number;
  body: unknown;
  schema?: number;
  author: string | null;
}

/** A record that has still to reach the server. */
export type Outgoing = Line & Standing;

interface Line {
  seq?: number;
  book: string;
  kind: string;
  id: string;
}

/** Why it is still here: in line, not taken by the server, or changed elsewhere too, so that the person has to choose. */
export type Standing =
  { state: 'waiting' } | { state: 'refused'; why: string } | { state: 'choose'; theirs: TheirVersion };

/** Something the person has to know of, until they have read it. */
export interface Notice {
  id?: number;
  words: string;
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
  notices!: Table<Notice, number>;

  constructor(
    readonly storeId: string,
    readonly personId: string,
    where: DexieOptions = {},
  ) {
    // What the screen has acknowledged must outlast a flat battery, so every write goes through to the disk.
    super(`jolly-brook-${storeId}-${personId}`, { chromeTransactionDurability: 'strict', ...where });
    this.version(1).stores({
      records: '[book+kind+id], [kind+id], [kind+parent]',
      outbox: '++seq, [book+kind+id]',
      openBatches: 'id',
      meta: 'key',
    });
    this.version(2)
      .stores({ outbox: '++seq, [book+kind+id], [book+state], state', notices: '++id' })
      .upgrade((change) =>
        change
          .table('outbox')
          .toCollection()
          .modify((line: Record<string, unknown>) => Object.assign(line, standingOf(line))),
      );
  }
}

/** How the first version of the page told why a record had not been sent. */
function standingOf(line: Record<string, unknown>): Standing {
  const { refused, theirs } = line as { refused: string | null; theirs: TheirVersion | null };
  delete line.refused;
  delete line.theirs;
  if (theirs !== null && theirs !== undefined) return { state: 'choose', theirs };
  return typeof refused === 'string' ? { state: 'refused', why: refused } : { state: 'waiting' };
}

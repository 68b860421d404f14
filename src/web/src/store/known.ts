import Dexie, { type Table } from 'dexie';
import type { About, BookCard } from './api';
import { knownKey } from './knownKey';
import { forgetLocal, keepLocal, readLocal } from './localSettings';

/** Who was signed in when the server was last met, kept so that a visit without it opens the same store. */
export interface Known {
  storeId: string;
  demo: boolean;
  person: { id: string; name: string };
  books: BookCard[];
}

/** The same again, in a place that is written through to the disk at once: the quick one may be lost with a flat battery. */
class Doorplate extends Dexie {
  known!: Table<Known & { key: string }, string>;

  constructor() {
    super('jolly-brook', { chromeTransactionDurability: 'strict' });
    this.version(1).stores({ known: 'key' });
  }
}

const doorplate = new Doorplate();

/** At once, for the first thing drawn. */
export function readKnown(): Known | null {
  return readLocal<Known>(knownKey);
}

/** A moment later, and surely. */
export async function readKnownSurely(): Promise<Known | null> {
  return (await doorplate.known.get(knownKey)) ?? null;
}

/** What an answer makes known; null when nobody is signed in. */
export function knownFrom({ storeId, demo, person, books }: About): Known | null {
  return person === null ? null : { storeId, demo, person, books };
}

export async function keepKnown(known: Known | null): Promise<void> {
  if (known === null) {
    forgetLocal(knownKey);
    await doorplate.known.delete(knownKey);
    return;
  }
  if (!keepLocal(knownKey, known)) return;
  await doorplate.known.put({ key: knownKey, ...known });
}

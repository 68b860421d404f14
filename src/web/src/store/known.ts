import Dexie, { type Table } from 'dexie';
import { array, boolean, is, nullable, object, picklist, string, type InferOutput } from 'valibot';
import { PartyRole } from '../core/choices';
import type { About } from './api';
import { knownKey } from './knownKey';
import { enteredThing } from '../shared/localThing';

const companion = object({ id: string(), name: string(), role: picklist(PartyRole) });

const known = object({
  storeId: string(),
  demo: boolean(),
  person: object({ id: string(), name: string() }),
  books: array(
    object({ id: string(), name: nullable(string()), role: picklist(PartyRole), party: array(companion) }),
  ),
});

/** Who was signed in when the server was last met, kept so that a visit without it opens the same store. */
export type Known = InferOutput<typeof known>;

const kept = enteredThing<Known>(knownKey, { version: 1, schema: known });

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
  return kept.read();
}

/** A moment later, and surely. */
export async function readKnownSurely(): Promise<Known | null> {
  const plate = await doorplate.known.get(knownKey);
  return is(known, plate) ? plate : null;
}

/** What an answer makes known; null when nobody is signed in. */
export function knownFrom({ storeId, demo, person, books }: About): Known | null {
  return person === null ? null : { storeId, demo, person, books };
}

export async function keepKnown(known: Known | null): Promise<void> {
  if (known === null) {
    kept.forget();
    await doorplate.known.delete(knownKey);
    return;
  }
  if (!kept.keep(known)) return;
  await doorplate.known.put({ key: knownKey, ...known });
}

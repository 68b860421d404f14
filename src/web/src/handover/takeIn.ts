import type { Schema } from '../core/contract';
import type { Outcome } from '../core/core';
import { sameJson } from '../shared/sameJson';
import type { LocalStore } from '../store/db';
import { keep, oneOf, type Bodies, type Kind } from '../store/records';
import { schemaOf } from '../store/recordSchema';
import type { Bundle } from './bundle';

type Entry = Schema<'BackupEntry'>;

/** What taking one record in would do. */
export interface Incoming {
  book: string;
  kind: Kind;
  id: string;
  body: Bodies[Kind];
  /** Not here yet, here already and the same, or here in another version. */
  state: 'new' | 'same' | 'other';
  /** Whether theirs could stand in its place. */
  mayReplace: boolean;
  /** Of a version that differs, what is here. */
  mine: Bodies[Kind] | null;
}

/** Kinds that never change once they are written: of two versions the one that is here stands. */
const written: readonly string[] = ['book-line', 'batch', 'batch-event', 'drill-result'];

/** Kinds that are a person's own business, and are never handed over. */
const ours: readonly string[] = ['settings'];

/**
 * What a bundle would change here. Every record is checked as a backup's is; one that can't be kept refuses all of it. What belongs to a
 * book that is kept here goes into that one, anything else into the person's own.
 */
export async function lookAt(
  db: LocalStore,
  bundle: Bundle,
  mayWriteIn: (book: string) => boolean,
  check: (file: Schema<'BackupFile'>) => Promise<Outcome<'backup-check'>>,
): Promise<Incoming[]> {
  const incoming: Incoming[] = [];
  for (const { id: book, records } of bundle.books) {
    await assertSound(records, bundle.madeAt, check);
    const target = mayWriteIn(book) ? book : db.personId;
    for (const { kind, id, body, schema } of records) {
      if (!kind || !id || ours.includes(kind) || (schema ?? 1) !== schemaOf(kind))
        throw new Error(
          'This was made by another version of the program. Update both, then hand it over again.',
        );
      const here = await oneOf(db, kind as Kind, id);
      incoming.push({
        book: here?.book ?? target,
        kind: kind as Kind,
        id,
        body: body as Bodies[Kind],
        state: here === undefined ? 'new' : sameJson(here.body, body) ? 'same' : 'other',
        mayReplace: !written.includes(kind) && (here === undefined || mayWriteIn(here.book)),
        mine: (here?.body as Bodies[Kind] | undefined) ?? null,
      });
    }
  }
  return incoming;
}

async function assertSound(
  records: Entry[],
  madeAt: string,
  check: (file: Schema<'BackupFile'>) => Promise<Outcome<'backup-check'>>,
) {
  const outcome = await check({ format: 'jolly-brook-backup', version: 1, madeAt, records });
  if (!outcome.ok) throw new Error(outcome.problem.errors[0]?.message ?? outcome.problem.detail);
  const { sound, faults } = outcome.response;
  if (!sound)
    throw new Error(`${faults[0]?.message ?? 'Something of it can not be kept.'} Nothing was changed.`);
}

/** Takes in what is new, and of what differs what was chosen; all of it or nothing. Returns how many records that were. */
export async function takeIn(
  db: LocalStore,
  incoming: Incoming[],
  theirs: ReadonlySet<string>,
): Promise<number> {
  const taken = incoming.filter(
    (record) =>
      record.state === 'new' || (record.state === 'other' && record.mayReplace && theirs.has(record.id)),
  );
  await db.transaction('rw', db.records, db.outbox, db.openBatches, async () => {
    for (const { book, kind, id, body } of taken) await keep(db, kind, body, { id, book });
  });
  return taken.length;
}

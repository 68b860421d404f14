import type { Request } from '../core/contract';
import type { Outcome } from '../core/core';
import { recordSchemas } from '../core/recordSchemas';
import { sameJson } from '../shared/sameJson';
import type { LocalStore } from './db';

type Schemas = Record<string, number>;

interface Written {
  kind: string;
  id: string;
  body: unknown;
  schema?: number;
}

/** What a body without a number is of. */
const first = 1;
const atOnce = 500;
const key = 'schemas';

const current: Schemas = recordSchemas;

/** What this page writes records of a kind in. */
export const schemaOf = (kind: string) => current[kind] ?? first;

/** Whether it is written as this page reads it. */
export const isCurrent = ({ kind, schema }: { kind: string; schema?: number }) =>
  (schema ?? first) === schemaOf(kind);

/**
 * Brings everything on this device that an earlier page wrote up to how records are written now, before anything reads it. What can't be
 * brought up stays as it is, and the person is told.
 */
export async function bringUp(
  db: LocalStore,
  ask: (request: Request<'bring-up'>) => Promise<Outcome<'bring-up'>>,
  schemas: Schemas = current,
): Promise<void> {
  const before = (await db.meta.get(key))?.value;
  if (sameJson(before, schemas)) return;
  const isOlder = ({ kind, schema }: Written) => (schema ?? first) < (schemas[kind] ?? first);
  const records = await db.records.filter(isOlder).toArray();
  const others = (await db.outbox.where('state').equals('choose').toArray()).flatMap((line) =>
    line.state === 'choose' ? [line] : [],
  );
  const olderOthers = others.filter((line) => isOlder({ ...line, ...line.theirs }));
  const upRecords = await broughtUp(records, ask);
  const upOthers = await broughtUp(
    olderOthers.map(({ kind, id, theirs }) => ({ ...theirs, kind, id })),
    ask,
  );
  const stuck = [...upRecords, ...upOthers].filter((up) => up === null).length;
  await db.transaction('rw', db.records, db.outbox, db.meta, db.notices, async () => {
    for (const [i, record] of records.entries())
      if (upRecords[i] !== null) await db.records.put({ ...record, ...upRecords[i] });
    for (const [i, line] of olderOthers.entries())
      if (upOthers[i] !== null) await db.outbox.put({ ...line, theirs: { ...line.theirs, ...upOthers[i] } });
    if (stuck > 0) {
      await db.notices.add({
        words: `${stuck === 1 ? '1 record' : `${stuck} records`} of an earlier version could not be brought up to this one. They stay on this device as they are: take a backup, and tell whoever runs the server.`,
      });
    }
    await db.meta.put({ key, value: schemas });
  });
}

/** Something older came in: the next time the store is opened, it is brought up. */
export const lookAgain = (db: LocalStore) => db.meta.delete(key);

/** Each as it is written now; null where that could not be done. */
async function broughtUp(
  written: Written[],
  ask: (request: Request<'bring-up'>) => Promise<Outcome<'bring-up'>>,
): Promise<({ body: unknown; schema: number } | null)[]> {
  const up = [];
  for (let from = 0; from < written.length; from += atOnce) {
    const some = written.slice(from, from + atOnce);
    const outcome = await ask({
      records: some.map(({ kind, id, body, schema }) => ({
        kind,
        id,
        body: body ?? null,
        schema: schema ?? first,
      })),
    });
    if (!outcome.ok) throw new Error('The records of an earlier version could not be read.');
    up.push(...outcome.response.records.map(({ body, schema }) => (body === null ? null : { body, schema })));
  }
  return up;
}

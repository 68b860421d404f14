import { IDBFactory, IDBKeyRange } from 'fake-indexeddb';
import { beforeEach, describe, expect, it } from 'vitest';
import { LocalStore, type LocalRecord } from '../src/store/db';
import { bringUp, schemaOf } from '../src/store/recordSchema';
import { keep } from '../src/store/records';

type Ask = Parameters<typeof bringUp>[1];

let db: LocalStore;
let asked: number;

beforeEach(() => {
  db = new LocalStore('server', 'person', { indexedDB: new IDBFactory(), IDBKeyRange });
  asked = 0;
});

/** Brings up what says it may be, as the core would. */
const core: Ask = ({ records }) => {
  asked += 1;
  return Promise.resolve({
    ok: true,
    response: {
      records: (records ?? []).map(({ body, schema }) => {
        const { stuck } = body as { stuck?: boolean };
        return stuck
          ? { schema: schema ?? 1, body: null, problem: 'No.' }
          : { schema: 2, body: { ...(body as object), risen: true } as never, problem: null };
      }),
    },
  } as Awaited<ReturnType<Ask>>);
};

const record = (id: string, rest: Partial<LocalRecord>): LocalRecord => ({
  book: 'person',
  kind: 'walker',
  id,
  body: {},
  revision: 3,
  author: 'person',
  ...rest,
});

describe('what an earlier page kept', () => {
  it('is brought up once, with everything else about it as it was', async () => {
    await db.records.bulkPut([record('a', {}), record('b', { schema: 1 }), record('c', { schema: 2 })]);
    await bringUp(db, core, { walker: 2 });
    expect(await db.records.toArray()).toEqual([
      record('a', { schema: 2, body: { risen: true } }),
      record('b', { schema: 2, body: { risen: true } }),
      record('c', { schema: 2 }),
    ]);
    await bringUp(db, core, { walker: 2 });
    expect(asked).toBe(1);
  });

  it('brings up the other version of a record in two, and keeps the choice', async () => {
    await db.outbox.add({
      book: 'person',
      kind: 'walker',
      id: 'a',
      state: 'choose',
      theirs: { revision: 4, body: {}, author: 'other' },
    });
    await bringUp(db, core, { walker: 2 });
    expect(await db.outbox.toArray()).toMatchObject([
      { state: 'choose', theirs: { revision: 4, body: { risen: true }, schema: 2, author: 'other' } },
    ]);
  });

  it('stays as it is where it can not be read, and the person is told', async () => {
    await db.records.bulkPut([record('a', { body: { stuck: true } }), record('b', {})]);
    await bringUp(db, core, { walker: 2 });
    expect(await db.records.get(['person', 'walker', 'a'])).toEqual(record('a', { body: { stuck: true } }));
    expect((await db.records.get(['person', 'walker', 'b']))?.schema).toBe(2);
    expect((await db.notices.toArray()).map(({ words }) => words).join()).toContain('1 record');
  });

  it('is left for the next time when the core can not run', async () => {
    await db.records.put(record('a', {}));
    const broken: Ask = () => Promise.resolve({ ok: false } as Awaited<ReturnType<Ask>>);
    await expect(bringUp(db, broken, { walker: 2 })).rejects.toThrow();
    await bringUp(db, core, { walker: 2 });
    expect((await db.records.get(['person', 'walker', 'a']))?.schema).toBe(2);
  });
});

it('stamps what it writes', async () => {
  const id = await keep(db, 'settings', { theme: 'dusk' } as never);
  expect((await db.records.get(['person', 'settings', id]))?.schema).toBe(schemaOf('settings'));
});

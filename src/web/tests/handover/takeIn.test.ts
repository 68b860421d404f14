import { IDBFactory, IDBKeyRange } from 'fake-indexeddb';
import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { Outcome } from '../../src/core/core';
import type { Schema } from '../../src/core/contract';
import { pack, unpack, type Bundle } from '../../src/handover/bundle';
import { bundleOf, recordsOf } from '../../src/handover/gather';
import { lookAt, takeIn } from '../../src/handover/takeIn';
import { LocalStore } from '../../src/store/db';
import { keep } from '../../src/store/records';
import { Device } from '../sync/Device';
import { TestServer } from '../sync/TestServer';

const server = new TestServer();
let desk: Device;

beforeAll(async () => {
  await server.start();
  desk = new Device(server, 'desk');
  await desk.account('owner', { name: 'Ilva' });
});
afterAll(() => server.end());

const party = newId();
const at = new Date('2026-08-21T14:00:00Z');

/** The core's own check, as the page asks for it. */
async function check(file: Schema<'BackupFile'>): Promise<Outcome<'backup-check'>> {
  return { ok: true, response: (await desk.post('/api/calc/backup-check', file)) as never };
}

const phone = () => new LocalStore('store', newId(), { indexedDB: new IDBFactory(), IDBKeyRange });

const drank = (litres: number, hour: number) => ({ kind: 'drank' as const, at: `2026-08-21T${String(hour).padStart(2, '0')}:00:00Z`, litres }); // prettier-ignore

async function handed(from: LocalStore, since = '2026-08-21T00:00:00Z'): Promise<Bundle> {
  const records = await recordsOf(from, { of: 'lines', since });
  return unpack(await pack(bundleOf(records, 'Ilva', 'Book', at)));
}

const look = (db: LocalStore, bundle: Bundle, books = [party]) =>
  lookAt(db, bundle, (book) => books.includes(book), check);

const lineIds = async (db: LocalStore) => (await db.records.toArray()).map(({ id }) => id).toSorted();

test('a party splits, each writes, and what both have is the same after they meet', async () => {
  const [ilva, torren] = [phone(), phone()];
  await keep(ilva, 'book-line', drank(0.5, 9), { book: party });
  await keep(torren, 'book-line', drank(0.25, 10), { book: party });
  await keep(torren, 'book-line', drank(1, 11), { book: party });
  const [fromIlva, fromTorren] = [await handed(ilva), await handed(torren)];
  expect(await takeIn(torren, await look(torren, fromIlva), new Set())).toBe(1);
  expect(await takeIn(ilva, await look(ilva, fromTorren), new Set())).toBe(2);
  expect(await lineIds(ilva)).toEqual(await lineIds(torren));
  expect((await ilva.records.toArray()).every(({ book }) => book === party)).toBe(true);
  // Taken in again, nothing is new; and all of it waits for the server.
  expect((await look(ilva, await handed(torren))).map(({ state }) => state)).toEqual([
    'same',
    'same',
    'same',
  ]);
  expect(await ilva.outbox.count()).toBe(3);
});

test('only what was written since is handed over', async () => {
  const ilva = phone();
  await keep(ilva, 'book-line', drank(0.5, 9), { book: party });
  const late = await keep(ilva, 'book-line', drank(0.5, 12), { book: party });
  const bundle = await handed(ilva, '2026-08-21T10:00:00Z');
  expect(bundle.books.flatMap(({ records }) => records.map(({ id }) => id))).toEqual([late]);
});

test('a stranger’s book comes into one’s own', async () => {
  const [ilva, stranger] = [phone(), phone()];
  await keep(ilva, 'book-line', drank(0.5, 9), { book: party });
  await takeIn(stranger, await look(stranger, await handed(ilva), []), new Set());
  expect((await stranger.records.toArray()).map(({ book }) => book)).toEqual([stranger.personId]);
});

test('a thing in another version stands as it is, unless theirs is taken', async () => {
  const [ilva, torren] = [phone(), phone()];
  const bottle = (volumeL: number) => ({ kind: 'container' as const, name: 'Bottle', volumeL });
  const id = await keep(ilva, 'kit-item', bottle(1));
  await keep(torren, 'kit-item', bottle(2), { id });
  const bundle = bundleOf(await recordsOf(ilva, { of: 'kit' }), 'Ilva', 'Kit', at);
  const incoming = await lookAt(torren, bundle, (book) => book === torren.personId, check);
  expect(incoming.map(({ state, mayReplace }) => [state, mayReplace])).toEqual([['other', true]]);
  expect(await takeIn(torren, incoming, new Set())).toBe(0);
  expect((await torren.records.toArray())[0].body).toMatchObject({ volumeL: 2 });
  expect(await takeIn(torren, incoming, new Set([id]))).toBe(1);
  expect((await torren.records.toArray())[0].body).toMatchObject({ volumeL: 1 });
});

test('a line that was written is never written over', async () => {
  const [ilva, torren] = [phone(), phone()];
  const id = await keep(ilva, 'book-line', drank(0.5, 9), { book: party });
  await keep(torren, 'book-line', drank(0.25, 9), { book: party, id });
  const incoming = await look(torren, await handed(ilva));
  expect(incoming[0].mayReplace).toBe(false);
  expect(await takeIn(torren, incoming, new Set([id]))).toBe(0);
  expect((await torren.records.toArray())[0].body).toMatchObject({ litres: 0.25 });
});

test('what can not be kept refuses all of it', async () => {
  const [ilva, torren] = [phone(), phone()];
  await keep(ilva, 'book-line', drank(0.5, 9), { book: party });
  await keep(ilva, 'book-line', drank(-3, 10), { book: party });
  await expect(look(torren, await handed(ilva))).rejects.toThrow(/Nothing was changed/u);
  const settings = { ...(await handed(phone())), books: [{ id: party, records: [{ kind: 'settings', id: newId(), schema: 1, body: { units: 'us', theme: 'paper', countViruses: false, shortcuts: true } }] }] } as unknown as Bundle; // prettier-ignore
  await expect(look(torren, settings)).rejects.toThrow();
  const newer = { ...(await handed(ilva)) };
  newer.books[0].records = newer.books[0].records.slice(0, 1).map((record) => ({ ...record, schema: 99 }));
  await expect(look(torren, newer)).rejects.toThrow();
  expect(await torren.records.count()).toBe(0);
});

test('a trip goes with its sources, and with its party where that is asked for', async () => {
  const ilva = phone();
  const routeId = await keep(ilva, 'route', { name: 'Walk' } as never, { book: party });
  await keep(ilva, 'trip-source', { name: 'Brook', routeId } as never, { book: party });
  await keep(ilva, 'trip-source', { name: 'Elsewhere', routeId: newId() } as never, { book: party });
  await keep(ilva, 'walker', { name: 'Ilva', massKg: 62 } as never, { book: party });
  await keep(ilva, 'kit-item', { kind: 'container', name: 'At home', volumeL: 1, retired: true });
  await keep(ilva, 'kit-item', { kind: 'container', name: 'Bottle', volumeL: 1 });
  const names = async (withParty: boolean) =>
    (await recordsOf(ilva, { of: 'trip', routeId, withParty })).map(
      ({ body }) => (body as { name: string }).name,
    );
  expect(await names(false)).toEqual(['Walk', 'Brook']);
  expect(await names(true)).toEqual(['Walk', 'Brook', 'Ilva', 'Bottle']);
  expect(await recordsOf(ilva, { of: 'trip', routeId: newId(), withParty: true })).toEqual([]);
});

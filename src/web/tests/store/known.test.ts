import { IDBFactory, IDBKeyRange } from 'fake-indexeddb';
import { beforeEach, expect, test, vi } from 'vitest';
import type { About } from '../../src/store/api';
import type { Known } from '../../src/store/known';
import { Storage } from './Storage';

let quick: Storage;

/** The module anew, as after a reload: what it opens is opened again. */
const loaded = async () => {
  vi.resetModules();
  return import('../../src/store/known');
};

beforeEach(() => {
  quick = new Storage();
  vi.stubGlobal('localStorage', quick);
  vi.stubGlobal('indexedDB', new IDBFactory());
  vi.stubGlobal('IDBKeyRange', IDBKeyRange);
});

const ilva: Known = {
  storeId: 's',
  demo: false,
  person: { id: 'p', name: 'Ilva' },
  books: [],
};

test('who was signed in is known at once and surely on the next visit', async () => {
  await (await loaded()).keepKnown(ilva);
  const { readKnown, readKnownSurely } = await loaded();
  expect(readKnown()).toEqual(ilva);
  expect(await readKnownSurely()).toMatchObject(ilva);
});

test('a flat battery that takes the quick storage leaves the sure one', async () => {
  await (await loaded()).keepKnown(ilva);
  quick.clear();
  const { readKnown, readKnownSurely } = await loaded();
  expect(readKnown()).toBeNull();
  expect(await readKnownSurely()).toMatchObject(ilva);
});

test('damaged, the quick one is put aside and the sure one asked', async () => {
  await (await loaded()).keepKnown(ilva);
  for (const [key, text] of quick.kept) quick.kept.set(key, text.slice(0, -3));
  const { readKnown, readKnownSurely } = await loaded();
  expect(readKnown()).toBeNull();
  expect(await readKnownSurely()).toMatchObject(ilva);
});

test('where the quick storage has no room the sure one still knows', async () => {
  quick.room = 10;
  await (await loaded()).keepKnown(ilva);
  const { readKnown, readKnownSurely } = await loaded();
  expect(readKnown()).toBeNull();
  expect(await readKnownSurely()).toMatchObject(ilva);
});

test('signed out, neither knows anybody', async () => {
  const { keepKnown } = await loaded();
  await keepKnown(ilva);
  await keepKnown(null);
  const { readKnown, readKnownSurely } = await loaded();
  expect(readKnown()).toBeNull();
  expect(await readKnownSurely()).toBeNull();
});

test('an answer makes somebody known only where somebody is signed in', async () => {
  const { knownFrom } = await loaded();
  const about = { ...ilva, formToken: 't', serverTime: '2026-08-21T12:00:00Z' } as unknown as About;
  expect(knownFrom(about)).toEqual(ilva);
  expect(knownFrom({ ...about, person: null })).toBeNull();
});

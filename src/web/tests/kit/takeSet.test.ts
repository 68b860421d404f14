import { IDBFactory, IDBKeyRange } from 'fake-indexeddb';
import { v7 as newId } from 'uuid';
import { expect, test } from 'vitest';
import type { Schema } from '../../src/core/contract';
import { takeSet, takingOf } from '../../src/rooms/kit/choose/takeSet';
import type { Item } from '../../src/store/kitItems';
import { LocalStore } from '../../src/store/db';
import { all, keep } from '../../src/store/records';

const phone = () => new LocalStore('store', newId(), { indexedDB: new IDBFactory(), IDBKeyRange });

const lamp = (retired?: boolean): Item => ({ kind: 'lamp', name: 'Lamp', lamp: { volumePerCycleL: 1, secondsPerCycle: 90 }, ...(retired && { retired }) }); // prettier-ignore
const tablets = { kind: 'product', name: 'Tablets', product: { profileId: 'clo2-tablet' } } as Item;
const bottle = { kind: 'container', name: 'Bottle', volumeL: 1 } as Item;

const piece = (id: string, owned: boolean, carried: boolean, toAdd: Item[] = []) =>
  ({ id, owned, carried, toAdd }) as unknown as Schema<'KitPiece'>;
const set = (...ids: string[]) => ({ ids }) as unknown as Schema<'KitSet'>;

const carriedNames = async (db: LocalStore) =>
  (await all(db, 'kit-item'))
    .filter(({ body }) => body.retired !== true)
    .map(({ body }) => body.name)
    .toSorted();

test('what is chosen comes in or back, what treats and is not stays at home, the rest is left as it is', async () => {
  const db = phone();
  const home = await keep(db, 'kit-item', lamp(true));
  const worn = await keep(db, 'kit-item', { ...lamp(), name: 'Old lamp' });
  await keep(db, 'kit-item', bottle);
  const pieces = [piece(home, true, false), piece(worn, true, true), piece('clo2', false, false, [tablets])];
  const taking = takingOf(set(home, 'clo2'), pieces, await all(db, 'kit-item'));
  expect([taking.add.length, taking.back.length, taking.home.length]).toEqual([1, 1, 1]);
  const takeBack = await takeSet(db, taking);
  expect(await carriedNames(db)).toEqual(['Bottle', 'Lamp', 'Tablets']);
  await takeBack();
  expect(await carriedNames(db)).toEqual(['Bottle', 'Old lamp']);
});

test('taking what is carried already changes nothing', async () => {
  const db = phone();
  const id = await keep(db, 'kit-item', lamp());
  const taking = takingOf(set(id), [piece(id, true, true)], await all(db, 'kit-item'));
  expect(taking).toEqual({ add: [], back: [], home: [] });
});

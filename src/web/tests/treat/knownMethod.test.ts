import { expect, test } from 'vitest';
import type { Catalogue } from '../../src/core/contract';
import type { Draft } from '../../src/rooms/treat/draft';
import { isKnownMethod } from '../../src/rooms/treat/knownMethod';
import type { Kept } from '../../src/store/records';

const catalogue = { methods: [{ id: 'boil' }, { id: 'bleach' }] } as unknown as Catalogue;
const draft = (part: Partial<Draft>) =>
  ({ method: null, acceptUntreated: false, beyondKit: false, ...part }) as Draft;
const piece = (id: string, kind: string) => ({ id, body: { kind, name: id } }) as unknown as Kept<'kit-item'>;
const filter = piece('filter', 'filter');
const tablets = piece('tablets', 'product');
const bottle = piece('bottle', 'container');

test('the best way is always one there is', () => {
  expect(isKnownMethod(draft({}), [], catalogue)).toBe(true);
  expect(isKnownMethod(draft({}), [filter], catalogue)).toBe(true);
});

test('a way of pieces is known while every one of them is in the kit', () => {
  expect(isKnownMethod(draft({ method: 'filter' }), [filter, tablets], catalogue)).toBe(true);
  expect(isKnownMethod(draft({ method: 'filter+tablets' }), [filter, tablets], catalogue)).toBe(true);
  expect(isKnownMethod(draft({ method: 'filter+tablets' }), [filter], catalogue)).toBe(false);
  expect(isKnownMethod(draft({ method: 'tablets' }), [filter, bottle], catalogue)).toBe(false);
});

test('ways of the catalogue are open to a kit that treats nothing, and to others once they ask for more', () => {
  expect(isKnownMethod(draft({ method: 'boil' }), [bottle], catalogue)).toBe(true);
  expect(isKnownMethod(draft({ method: 'boil' }), [filter], catalogue)).toBe(false);
  expect(isKnownMethod(draft({ method: 'boil', beyondKit: true }), [filter], catalogue)).toBe(true);
  expect(isKnownMethod(draft({ method: 'moonlight', beyondKit: true }), [filter], catalogue)).toBe(false);
});

test('sunlight needs no piece, only a kit of one’s own', () => {
  expect(isKnownMethod(draft({ method: 'sunlight' }), [filter], catalogue)).toBe(true);
  expect(isKnownMethod(draft({ method: 'filter+sunlight' }), [filter], catalogue)).toBe(true);
  expect(isKnownMethod(draft({ method: 'sunlight' }), [], catalogue)).toBe(false);
});

test('untreated is a way only for who accepted it', () => {
  expect(isKnownMethod(draft({ method: 'untreated' }), [filter], catalogue)).toBe(false);
  expect(isKnownMethod(draft({ method: 'untreated', acceptUntreated: true }), [filter], catalogue)).toBe(
    true,
  );
});

import { expect, test } from 'vitest';
import { blank } from './kit/blank';
import { toldLines, toldOf, toldOfNew } from '../src/rooms/kit/told';

const at = '2026-08-21T08:00:00Z';
const lines = (
  kind: Parameters<typeof blank>[0],
  before: Parameters<typeof toldLines>[2],
  told: Parameters<typeof toldLines>[3],
) => toldLines(blank(kind), 'piece', before, told, at);

test.each([
  ['product', { kind: 'counted', at, itemId: 'piece', left: 12 }],
  ['taste', { kind: 'counted', at, itemId: 'piece', left: 12 }],
  ['lamp', { kind: 'charged', at, itemId: 'piece', cyclesLeft: 12 }],
  ['burner', { kind: 'canisterWeighed', at, itemId: 'piece', fuelLeftG: 12 }],
] as const)('what is left of a %s goes into the log as its own kind of line', (kind, line) => {
  expect(lines(kind, null, { left: 12, filter: null })).toEqual([line]);
  expect(lines(kind, { left: 13, filter: null }, { left: 12, filter: null })).toEqual([line]);
});

test('what the log says already, or nobody counted, is not written again', () => {
  expect(lines('product', { left: 12, filter: null }, { left: 12, filter: null })).toEqual([]);
  expect(lines('product', null, { left: null, filter: null })).toEqual([]);
  expect(lines('product', { left: 12, filter: null }, { left: null, filter: null })).toEqual([]);
});

test('none left is a count', () => {
  expect(lines('product', { left: 12, filter: null }, { left: 0, filter: null })).toHaveLength(1);
});

test('a filter is told of when it comes into the kit, and when something about it changes', () => {
  const fresh = toldOfNew(blank('filter'));
  expect(fresh.filter).toMatchObject({ frozen: 'unknown', clogLoadLNtu: 0 });
  expect(lines('filter', null, fresh)).toEqual([
    { kind: 'filterLookedOver', at, itemId: 'piece', filter: fresh.filter },
  ]);
  expect(lines('filter', fresh, fresh)).toEqual([]);
  const sound = { ...fresh, filter: { ...fresh.filter, frozen: 'no' as const } };
  expect(lines('filter', fresh, sound)).toHaveLength(1);
});

test('of a piece the log does not know, nothing is told', () => {
  expect(toldOf(undefined)).toEqual({ left: null, filter: null });
  expect(toldOf({ id: 'piece', item: blank('product'), left: 3 })).toEqual({ left: 3, filter: null });
});

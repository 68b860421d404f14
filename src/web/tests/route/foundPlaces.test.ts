import { expect, test } from 'vitest';
import type { Schema } from '../../src/core/contract';
import { offered, sourceOf } from '../../src/rooms/route/ground/useReadRoute';

const place = (part: Partial<Schema<'FoundPlace'>>): Schema<'FoundPlace'> => ({
  name: 'Spring',
  alongKm: 4,
  offKm: 0,
  latitudeDeg: 46,
  longitudeDeg: -28,
  class: 'perennial',
  ...part,
});

test('what tells of no water, says dry or lies far off is not ticked', () => {
  const ticks = offered([
    place({}),
    place({ class: null }),
    place({ class: 'reportedDry' }),
    place({ offKm: 3 }),
    place({ offKm: 3.1 }),
  ]);
  expect(ticks.map(({ isTaken }) => isTaken)).toEqual([true, false, false, true, false]);
  expect(ticks.map(({ kind }) => kind)).toEqual([
    'perennial',
    'unknown',
    'reportedDry',
    'perennial',
    'perennial',
  ]);
});

test('a place becomes a source of its kind, with the walk off the line', () => {
  const source = (part: Partial<Schema<'FoundPlace'>>) => sourceOf(offered([place(part)])[0], 'r');
  expect(source({ name: '', class: null })).toMatchObject({
    name: 'Unnamed water',
    class: 'unknown',
    routeId: 'r',
  });
  expect(source({ name: 'x'.repeat(200) }).name).toHaveLength(80);
  // 1.5 km at 3 km/h; what lies within 50 m is on the line; never more than ten hours.
  expect(source({ offKm: 1.5 }).detourMinutes).toBe(30);
  expect(source({ offKm: 0.05 }).detourMinutes).toBe(0);
  expect(source({ offKm: 50 }).detourMinutes).toBe(600);
});

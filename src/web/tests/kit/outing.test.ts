import { expect, test } from 'vitest';
import { typedOf } from '../../src/rooms/kit/useOuting';

const typed = { routeId: null, trip: { litres: 20, lastDay: '2026-08-25' } };

test('what was typed of an outing holds on every page until its last day is over', () => {
  expect(typedOf(typed, null, '2026-08-20')).toBe(typed.trip);
  expect(typedOf(typed, null, '2026-08-25')).toBe(typed.trip);
  expect(typedOf(typed, null, '2026-08-26')).toEqual({});
});

test('it is not taken for a trip that is planned, nor the other way round', () => {
  expect(typedOf(typed, 'r1', '2026-08-20')).toEqual({});
  expect(typedOf({ ...typed, routeId: 'r1' }, 'r1', '2026-08-20')).toBe(typed.trip);
  expect(typedOf({ ...typed, routeId: 'r1' }, null, '2026-08-20')).toEqual({});
});

test('nothing typed is an outing of which nothing is known', () => {
  expect(typedOf(null, null, '2026-08-20')).toEqual({});
  expect(typedOf({ routeId: null, trip: { litres: 8 } }, null, '2030-01-01')).toEqual({ litres: 8 });
});

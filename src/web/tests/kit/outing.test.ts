import { expect, test } from 'vitest';
import { notOver, typedOf } from '../../src/rooms/kit/useOuting';

const typed = { routeId: null, trip: { litres: 20, lastDay: '2026-08-25' } };

test('what was typed of an outing is kept until its last day is over', () => {
  expect(notOver(typed, '2026-08-20')).toBe(typed);
  expect(notOver(typed, '2026-08-25')).toBe(typed);
  expect(notOver(typed, '2026-08-26')).toBeNull();
  expect(notOver({ routeId: null, trip: { litres: 8 } }, '2030-01-01')?.trip).toEqual({ litres: 8 });
  expect(notOver(null, '2026-08-20')).toBeNull();
});

test('a last day that is still being typed loses nothing', () => {
  const halfTyped = { routeId: null, trip: { litres: 20, lastDay: '0002-12-03' } };
  expect(typedOf(halfTyped, null)).toBe(halfTyped.trip);
});

test('it is not taken for a trip that is planned, nor the other way round', () => {
  expect(typedOf(typed, null)).toBe(typed.trip);
  expect(typedOf(typed, 'r1')).toEqual({});
  expect(typedOf({ ...typed, routeId: 'r1' }, 'r1')).toBe(typed.trip);
  expect(typedOf({ ...typed, routeId: 'r1' }, null)).toEqual({});
  expect(typedOf(null, null)).toEqual({});
});

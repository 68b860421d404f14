import { expect, test } from 'vitest';
import { begunBy } from '../../src/store/useDatedTrips';

const route = (startDate: string | null, days: number) => ({
  body: {
    name: startDate ?? 'Some day',
    startDate,
    lengthKm: 20,
    heights: '',
    days: Array.from({ length: days }, () => ({ startHour: 8 })),
  },
});

test('trips are told once their first day is near, with a clock for each morning and the one after', () => {
  const routes = [route('2025-08-21', 4), route('2026-08-24', 1), route('2026-08-25', 2), route(null, 2)];
  const told = begunBy('2026-08-24', routes);
  expect(told.map((trip) => trip.route?.startDate)).toEqual(['2025-08-21', '2026-08-24']);
  expect(told.map((trip) => trip.offsetsMinutes?.length)).toEqual([5, 2]);
});

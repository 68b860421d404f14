import { expect, test } from 'vitest';
import type { Schema } from '../../src/core/contract';
import { mapPlaces, withRoom } from '../../src/rooms/route/map/mapPlaces';
import { placesOnce } from '../../src/rooms/route/placesOnce';
import type { Kept } from '../../src/store/records';

const stop = (id: string, kind: string, alongKm: number, more: Partial<Schema<'PlanStop'>> = {}) =>
  ({ id, kind, name: id, alongKm, planned: false, ...more }) as Schema<'PlanStop'>;

const line = [
  { alongKm: 0, latitudeDeg: 55, longitudeDeg: -6 },
  { alongKm: 10, latitudeDeg: 55, longitudeDeg: -5 },
] as Schema<'LineOnMapPoint'>[];

const source = (id: string, body: object) => ({ id, body }) as Kept<'trip-source'>;

test('a water at a camp is one place, by its own name, filled at if either meeting fills there', () => {
  const places = placesOnce(
    [
      stop('beck', 'source', 5, { name: 'Beck, evening' }),
      stop('camp-0', 'camp', 5),
      stop('beck', 'source', 5, { name: 'Beck, morning', planned: true }),
    ],
    [source('beck', { name: 'Beck' })],
  );
  expect(places.map(({ name, planned }) => [name, planned])).toEqual([
    ['Beck', true],
    ['camp-0', false],
  ]);
});

test('a place lies where it was seen, or where the line is that far along', () => {
  const [seen, reckoned] = mapPlaces(
    [stop('well', 'source', 2), stop('spring', 'source', 5)],
    [
      source('well', { name: 'Well', latitudeDeg: 55.1, longitudeDeg: -5.7 }),
      source('spring', { name: 'Spring' }),
    ],
    line,
  );
  expect(seen.at).toEqual([55.1, -5.7]);
  expect(reckoned.at).toEqual([55, -5.5]);
});

test('where there is no room for all, what is chosen and what the plan fills at stay', () => {
  const places = mapPlaces(
    [
      stop('start', 'start', 0),
      stop('a', 'source', 1),
      stop('b', 'source', 2, { planned: true }),
      stop('c', 'source', 3),
      stop('d', 'source', 4),
    ],
    [],
    line,
  );
  expect(withRoom(places, 'd', 3).map(({ stop: { id } }) => id)).toEqual(['start', 'b', 'd']);
  expect(withRoom(places, null, 5)).toBe(places);
});

import { expect, test } from 'vitest';
import type { ReadRoute, Schema } from '../../src/core/contract';
import { routeOf } from '../../src/rooms/route/ground/groundOf';
import { offered, takenAs } from '../../src/rooms/route/sources/ticks';

const place = (
  name: string,
  part: Partial<Schema<'FoundPlace'>> = {},
  source: Partial<Schema<'TripSource'>> = {},
): Schema<'FoundPlace'> => ({
  name,
  offKm: 0,
  source: { name, class: 'perennial', alongKm: 4, latitudeDeg: 46, longitudeDeg: -28, ...source },
  chance: 0.98,
  why: ['“spring” in its name'],
  isOffered: true,
  ...part,
});

test('places are ticked as the core offers them, and those the route has are left out', () => {
  const places = [place('Moss spring'), place('Riverside Inn', { isOffered: false }, { class: 'unknown' })];
  expect(offered(places).map(({ isTaken, kind }) => [isTaken, kind])).toEqual([
    [true, 'perennial'],
    [false, 'unknown'],
  ]);
  expect(offered(places, [places[0].source]).map((t) => t.place.name)).toEqual(['Riverside Inn']);
  // The same name elsewhere is another water.
  expect(offered(places, [{ ...places[0].source, latitudeDeg: 46.1 }])).toHaveLength(2);
});

test('what is ticked becomes a source with all that was read of it, of the kind the person says', () => {
  const [first] = offered([
    place('Beck', {}, { reportedFlowing: false, reportedAt: '2026-11-20T12:00:00Z', doNotUse: true }),
  ]);
  const [source] = takenAs('r', [{ ...first, kind: 'seep' }]);
  expect(source).toMatchObject({
    name: 'Beck',
    class: 'seep',
    reportedFlowing: false,
    doNotUse: true,
    alongKm: 4,
    routeId: 'r',
  });
  expect(takenAs('r', [{ ...first, isTaken: false }])).toEqual([]);
});

test('a file of ours brings its route whole; another gives the ground under its name', () => {
  const read = {
    name: 'x',
    lengthKm: 5,
    heights: 'h',
    latitudes: 'a',
    longitudes: 'o',
    terrain: [],
  } as never;
  const whole = { name: 'Ours', certainty: 0.9 } as Schema<'TripRoute'>;
  expect(routeOf({ ...(read as ReadRoute), whole }, 'file', '2026-08-21')).toBe(whole);
  expect(routeOf(read, 'f'.repeat(99), '2026-08-21')).toMatchObject({
    name: 'f'.repeat(80),
    startDate: '2026-08-21',
    lengthKm: 5,
  });
  expect(routeOf(read, '', '2026-08-21').name).toBe('New route');
});

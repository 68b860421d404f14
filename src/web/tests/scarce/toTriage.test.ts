import { expect, test } from 'vitest';
import type { PlanRequest } from '../../src/core/contract';
import type { Draft } from '../../src/rooms/scarce/draft';
import { toTriage } from '../../src/rooms/scarce/toTriage';
import type { Kept } from '../../src/store/records';
import { fresh } from './usual';

const walkers = [{ id: 'w', book: 'b', body: { name: 'Ilva', massKg: 62 } }] as unknown as Kept<'walker'>[];
const known = { units: 'metric' as const, walk: null, walkers, tests: [], deficitPercent: 2.4 };
const walk = { units: 'metric', route: { name: 'Over the fell' } } as unknown as PlanRequest;
const asked = (part: Partial<Draft>, of = known as Parameters<typeof toTriage>[1]) =>
  toTriage({ ...fresh, ...part }, of);

test('water that was not told of is not made up', () => {
  expect(asked({ nextKm: null }).sources).toEqual([]);
  expect(asked({ nextKm: 5, nextChance: 0.4, lastKm: 2, lastChance: null }).sources).toEqual([
    { name: null, direction: 'ahead', distanceKm: 5, chance: 0.4 },
    { name: null, direction: 'behind', distanceKm: 2, chance: null },
  ]);
});

test('a trip brings its own waters and walkers, and where one is along it', () => {
  const on = asked({ nextKm: 5, alongKm: 7 }, { ...known, walk });
  expect(on).toMatchObject({ walk, alongKm: 7, sources: [] });
  expect(on).not.toHaveProperty('walkers');
  expect(asked({ alongKm: 7 })).toMatchObject({ walk: null, alongKm: null });
  expect(asked({}).walkers).toEqual([{ id: 'w', walker: walkers[0].body }]);
});

test('what the log has of the weakest goes with it', () => {
  expect(asked({}).deficitPercent).toBe(2.4);
  expect(asked({}, { ...known, deficitPercent: null }).deficitPercent).toBeNull();
});

test('where nobody is coming the hours until help say nothing', () => {
  expect(asked({ helpHours: 6 }).helpHours).toBe(6);
  expect(asked({ helpHours: 6, noHelp: true })).toMatchObject({ helpHours: null, noHelp: true });
});

test('the water here is told of only where there is some', () => {
  expect(asked({})).toMatchObject({ here: null, waterHere: null });
  expect(asked({ waterHere: true, hereKind: 'pond', hereSeen: ['stock'] }).here).toMatchObject({
    kind: 'pond',
    seen: ['stock'],
    upstreamWalked: 'unknown',
  });
});

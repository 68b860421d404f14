import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { Schema } from '../../src/core/contract';
import {
  leftBeforehand,
  remediedRoute,
  remediedSource,
  remedyKey,
} from '../../src/rooms/route/plan/remedied';

type Remedy = Schema<'Remedy'>;
type Day = Schema<'RouteDay'>;

const routeId = '019c0000-0000-7000-8000-000000000001';
const remedy = (part: Partial<Remedy> & Pick<Remedy, 'kind'>): Remedy => ({
  words: '',
  solves: true,
  ...part,
});
const kinds: Remedy['kind'][] = [
  'addContainer',
  'startHour',
  'drinkAtSource',
  'cache',
  'moveCamp',
  'useSource',
  'rest',
  'askReport',
];

const day: fc.Arbitrary<Day> = fc.record({
  startHour: fc.option(fc.integer({ min: 4, max: 12 })),
  endKm: fc.option(fc.double({ min: 1, max: 40, noNaN: true })),
  meals: fc.option(fc.integer({ min: 0, max: 4 })),
});

test('every remedy changes one thing: the route, a source, or what is left beforehand; asking for a report none', () => {
  for (const kind of kinds) {
    const asked = remedy({ kind, litres: 1, day: 0, hour: 6, hours: 2, alongKm: 3, sourceId: 's' });
    const changes = [
      remediedRoute({ days: [{}] } as Schema<'TripRoute'>, asked),
      remediedSource(asked),
      leftBeforehand(asked, routeId),
    ];
    expect(changes.filter((change) => change !== null).length, kind).toBe(kind === 'askReport' ? 0 : 1);
  }
});

test('two waters of one name have two remedies', () => {
  const words = 'Drink 0.5 L more at Stream before leaving';
  const [one, other] = ['a', 'b'].map((sourceId) =>
    remedy({ kind: 'drinkAtSource', words, litres: 1, sourceId }),
  );
  expect(remedyKey(one)).not.toBe(remedyKey(other));
  expect(remedyKey(one)).toBe(remedyKey({ ...one, words: 'Otherwise told' }));
});

test('a day is changed where it is meant, in what is meant, and no other', () => {
  fc.assert(
    fc.property(
      fc.array(day, { minLength: 1, maxLength: 5 }),
      fc.nat(4),
      fc.constantFrom<Remedy['kind']>('startHour', 'rest', 'moveCamp'),
      (days, at, kind) => {
        const route = { days } as Schema<'TripRoute'>;
        const after = remediedRoute(route, remedy({ kind, day: at, hour: 5, hours: 3, alongKm: 7 }))!.days!;
        expect(after.length).toBe(days.length);
        after.forEach((changed, i) => {
          if (i !== at) expect(changed).toBe(days[i]);
          else if (kind === 'startHour') expect(changed).toEqual({ ...days[i], startHour: 5 });
          else if (kind === 'rest') expect(changed).toEqual({ ...days[i], rest: { fromHour: 5, hours: 3 } });
          else expect(changed).toEqual({ ...days[i], endKm: 7 });
        });
      },
    ),
  );
});

test('a route that names no days has one, which may start sooner', () => {
  const sooner = remedy({ kind: 'startHour', day: 0, hour: 5 });
  expect(remediedRoute({ days: null } as Schema<'TripRoute'>, sooner)).toEqual({ days: [{ startHour: 5 }] });
  expect(remediedRoute({ days: [] as Day[] } as Schema<'TripRoute'>, sooner)).toEqual({
    days: [{ startHour: 5 }],
  });
});

test('a container more comes after those there are', () => {
  const route = { containers: [{ name: 'Bag', volumeL: 2 }] } as Schema<'TripRoute'>;
  expect(remediedRoute(route, remedy({ kind: 'addContainer', litres: 1.5 }))).toEqual({
    containers: [
      { name: 'Bag', volumeL: 2 },
      { name: 'Further container', volumeL: 1.5 },
    ],
  });
  expect(
    remediedRoute({} as Schema<'TripRoute'>, remedy({ kind: 'addContainer', litres: 1 }))!.containers,
  ).toHaveLength(1);
});

test('what is left beforehand is sure, and where the core put it', () => {
  expect(leftBeforehand(remedy({ kind: 'cache', litres: 2.25, alongKm: 11.4 }), routeId)).toMatchObject({
    chance: 1,
    alongKm: 11.4,
    cacheL: 2.25,
    routeId,
  });
});

test('a source is drunk from as much as the core says, or no longer left to others', () => {
  expect(remediedSource(remedy({ kind: 'drinkAtSource', litres: 0.75 }))).toEqual({ drinkL: 0.75 });
  expect(remediedSource(remedy({ kind: 'useSource' }))).toEqual({ onlyIfNeeded: false });
});

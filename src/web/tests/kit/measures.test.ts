import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { Catalogue, Schema } from '../../src/core/contract';
import { measures, share } from '../../src/rooms/kit/choose/measures';

type KitSet = Schema<'KitSet'>;
const set = (part: Partial<KitSet>) =>
  ({
    massKg: 0,
    bulkL: 0,
    price: 0,
    workMinutesPerDay: 0,
    waitMinutes: 0,
    tasteSteps: 0,
    tasteWords: 'none',
    ...part,
  }) as KitSet;
const named = (id: string) => measures.find((m) => m.id === id)!;

const anySet = fc
  .record({
    massKg: fc.double({ min: 0, max: 20, noNaN: true }),
    bulkL: fc.double({ min: 0, max: 50, noNaN: true }),
    price: fc.double({ min: 0, max: 900, noNaN: true }),
    workMinutesPerDay: fc.double({ min: 0, max: 600, noNaN: true }),
    waitMinutes: fc.double({ min: 0, max: 900, noNaN: true }),
    tasteSteps: fc.integer({ min: 0, max: 4 }),
  })
  .map(set);

test('the longest bar is whole, none is longer, and a lighter set’s is never longer than a heavier one’s', () => {
  fc.assert(
    fc.property(fc.array(anySet, { minLength: 1, maxLength: 8 }), (sets) => {
      for (const measure of measures) {
        const bars = sets.map((s) => share(measure, s, sets));
        const most = Math.max(...sets.map(measure.of));
        expect(Math.max(...bars)).toBe(most > 0 ? 1 : 0);
        sets.forEach((a, i) =>
          sets.forEach((b, j) => {
            if (measure.of(a) <= measure.of(b)) expect(bars[i]).toBeLessThanOrEqual(bars[j]);
          }),
        );
      }
    }),
  );
});

test('nothing to buy and no wait are said in words', () => {
  const catalogue = {} as Catalogue;
  expect(named('price').words(set({}), catalogue)).toBe('nothing');
  expect(named('price').words(set({ price: 42.4 }), catalogue)).toBe('€ 42');
  expect(named('wait').words(set({ waitMinutes: 0.5 }), catalogue)).toBe('none');
  expect(named('wait').words(set({ waitMinutes: 240 }), catalogue)).toBe('4 h');
  expect(named('taste').words(set({ tasteWords: 'some chlorine' }), catalogue)).toBe('some chlorine');
});

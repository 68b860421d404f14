import fc from 'fast-check';
import { expect, test } from 'vitest';
import { begunAt } from '../../src/rooms/body/begunAt';

const now = '2026-09-03T14:10:00.000Z';
const at = (minutes: number) => new Date(Date.parse(now) + minutes * 60_000).toISOString();

test('who was weighed a while ago is on the way, who was weighed yesterday is not', () => {
  expect(begunAt(at(-90), now, 8)).toBe(at(-90));
  expect(begunAt(at(-24 * 60), now, 8)).toBeNull();
  expect(begunAt(null, now, 8)).toBeNull();
});

test('within the minute shown a weighing has happened; later it has not', () => {
  expect(begunAt(at(0.7), now, 8)).toBe(at(0.7));
  expect(begunAt(at(2), now, 8)).toBeNull();
});

test('it is over after the longest walk that counts', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 1000 }), fc.integer({ min: 1, max: 12 }), (minutes, longest) => {
      expect(begunAt(at(-minutes), now, longest) !== null).toBe(minutes <= longest * 60);
    }),
  );
});

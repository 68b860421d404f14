import fc from 'fast-check';
import { expect, test } from 'vitest';
import { freeRoom } from '../../src/rooms/now/here/freeRoom';
import { simulated, strideKm } from '../../src/rooms/now/here/position';
import { newer, type Place } from '../../src/store/usePlace';
import type { ContainerInHand } from '../../src/store/InHandContext';

const place = (at: string, by: string): Place => ({ routeId: 'r', km: 1, at, by });

test('of two places the later counts, of two as late the one that was chosen', () => {
  const early = place('2026-08-21T08:00:00Z', 'log');
  const late = place('2026-08-21T08:00:00.001Z', 'chosen');
  expect(newer(null, null)).toBeNull();
  expect(newer(early, null)).toBe(early);
  expect(newer(null, early)).toBe(early);
  expect(newer(early, late)).toBe(late);
  expect(newer(late, early)).toBe(late);
  // The log writes the clock's offset, the page does not.
  expect(newer(late, place('2026-08-21T10:00:00.001+02:00', 'log'))).toBe(late);
});

const container = (capacityL: number, litres: number, is: ContainerInHand['water']['is'], isPot = false) =>
  ({ id: `${capacityL}`, name: '', capacityL, litres, isPot, water: { is } }) as ContainerInHand;

test('only what is empty, and no pot, may be filled; the largest first', () => {
  const room = freeRoom([
    container(0.5, 0, 'empty'),
    container(2, 0, 'empty'),
    container(3, 1, 'clean'),
    container(4, 4, 'raw'),
    container(5, 5, 'underWay'),
    container(1.5, 0, 'empty', true),
  ]);
  expect(room.map(({ roomL }) => roomL)).toEqual([2, 0.5]);
});

const line = Array.from({ length: 101 }, (_, i) => ({
  latitudeDeg: 46 + i / 1000,
  longitudeDeg: -28,
  alongKm: i / 10,
}));

test('the simulated walker goes a stride at each look, beside the line, and stops at the finish', async () => {
  const walker = simulated(line, 10, 8.5);
  const first = await walker.find();
  expect(walker.km()).toBe(8.5 + strideKm);
  expect(first.latitudeDeg).toBeCloseTo(46.095 + 0.00009, 6);
  await walker.find();
  expect(walker.km()).toBe(10);
  expect((await walker.find()).latitudeDeg).toBeCloseTo(46.1 + 0.00009, 6);
});

test('wherever it starts, it stays on the line', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.double({ min: 0, max: 10, noNaN: true }),
      fc.integer({ min: 1, max: 20 }),
      async (from, looks) => {
        const walker = simulated(line, 10, from);
        let before = from;
        for (let i = 0; i < looks; i++) {
          const fix = await walker.find();
          expect(walker.km()).toBeGreaterThanOrEqual(before);
          expect(fix.latitudeDeg).toBeLessThanOrEqual(46.1 + 0.0001);
          before = walker.km();
        }
        expect(before).toBeLessThanOrEqual(10);
      },
    ),
  );
});

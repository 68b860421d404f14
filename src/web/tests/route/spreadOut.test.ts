import fc from 'fast-check';
import { expect, test } from 'vitest';
import { apart, spreadOut, touchSides, type ScreenPoint } from '../../src/rooms/route/map/spreadOut';

const distance = (a: ScreenPoint, b: ScreenPoint) => Math.hypot(a.x - b.x, a.y - b.y);

const across = (size: number) => fc.integer({ min: 0, max: size });
const places = fc.array(fc.record({ x: across(700), y: across(270) }), { maxLength: 32 });

test('wherever places lie, even on one another, each mark has 24 px of its own to touch', () => {
  fc.assert(
    fc.property(places, (at) => {
      const marks = spreadOut(at);
      const sides = touchSides(marks);
      expect(sides.every((side) => side >= 24 && side <= 44)).toBe(true);
      marks.forEach((a, i) =>
        marks.slice(i + 1).forEach((b, j) => {
          const farther = Math.max(Math.abs(a.x - b.x), Math.abs(a.y - b.y));
          expect(farther).toBeGreaterThanOrEqual((sides[i] + sides[i + 1 + j]) / 2);
        }),
      );
    }),
    { numRuns: 300 },
  );
});

test('a mark with room around it stays on its place', () => {
  fc.assert(
    fc.property(places, (at) => {
      fc.pre(at.every((a, i) => at.slice(i + 1).every((b) => distance(a, b) > apart + 2)));
      spreadOut(at).forEach((mark, i) => expect(distance(mark, at[i])).toBeLessThan(0.01));
    }),
  );
});

test('two on one place part by as much as they need and no more', () => {
  const [a, b] = spreadOut([
    { x: 300, y: 100 },
    { x: 300, y: 100 },
  ]);
  expect(distance(a, b)).toBeGreaterThanOrEqual(apart);
  expect(distance(a, b)).toBeLessThan(apart + 3);
  expect((a.x + b.x) / 2).toBeCloseTo(300, 0);
});

test('where the person is stays clear, and moves for nothing', () => {
  fc.assert(
    fc.property(places, fc.record({ x: across(700), y: across(270) }), (at, here) => {
      spreadOut(at, [here]).forEach((mark) => expect(distance(mark, here)).toBeGreaterThanOrEqual(apart));
    }),
  );
});

test('the same places are laid out the same every time', () => {
  const at = Array.from({ length: 20 }, (_, i) => ({ x: 10 * i, y: 50 }));
  expect(spreadOut(at)).toEqual(spreadOut(at));
});

import fc from 'fast-check';
import { expect, test } from 'vitest';
import { morning } from '../../src/rooms/body/watch/morning';

const hourMs = 3_600_000;

test('a day begins at seven, this morning or yesterday’s while it is still night', () => {
  const seven = new Date(2026, 8, 3, 7, 0);
  expect(Date.parse(morning(new Date(2026, 8, 3, 14, 10)))).toBe(seven.getTime());
  expect(Date.parse(morning(seven))).toBe(seven.getTime());
  expect(Date.parse(morning(new Date(2026, 8, 4, 2, 0)))).toBe(seven.getTime());
});

test('at any time it is past, less than a day and a clock change ago, and seven on the clock', () => {
  fc.assert(
    fc.property(fc.integer({ min: Date.UTC(2026, 0, 1), max: Date.UTC(2027, 0, 1) }), (at) => {
      const begun = Date.parse(morning(new Date(at)));
      expect(begun).toBeLessThanOrEqual(at);
      expect(at - begun).toBeLessThan(25 * hourMs + 1);
      expect(new Date(begun).getHours()).toBe(7);
    }),
  );
});

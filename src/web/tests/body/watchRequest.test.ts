import fc from 'fast-check';
import { expect, test } from 'vitest';
import { afterWritten } from '../../src/rooms/body/watch/watchRequest';

const now = '2026-09-03T14:10:00.000Z';
const at = (seconds: number) => new Date(Date.parse(now) + seconds * 1000).toISOString();

test('what was written within the minute has happened', () => {
  expect(afterWritten(now, [at(-300), at(22), at(41), null, undefined])).toBe(at(41));
});

test('without anything written in it the minute stands', () => {
  expect(afterWritten(now, [])).toBe(now);
  expect(afterWritten(now, [at(-1), at(0)])).toBe(now);
});

test('the clock never goes back, nor on to a line dated later', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: -100_000, max: 100_000 })), (seconds) => {
      const then = Date.parse(afterWritten(now, seconds.map(at))) - Date.parse(now);
      expect(then).toBeGreaterThanOrEqual(0);
      expect(then).toBeLessThan(60_000);
    }),
  );
});

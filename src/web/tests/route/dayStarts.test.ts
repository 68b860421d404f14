import fc from 'fast-check';
import { expect, test } from 'vitest';
import {
  startAfter,
  startPlaces,
  startWidth,
  stepsOf,
  withStartAt,
} from '../../src/rooms/route/desk/dayStarts';

const day = { earliestStartHour: 0, latestStartHour: 23 };

test('a start moves by quarters of an hour and stays within the day', () => {
  expect(startAfter(8, 1, day)).toBe(8.25);
  expect(startAfter(8, -2, day)).toBe(7.5);
  expect(startAfter(7.9, 1, day)).toBe(8.25);
  expect(startAfter(0, -1, day)).toBe(0);
  expect(startAfter(22.9, 4, day)).toBe(23);
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 23, noNaN: true }),
      fc.integer({ min: -200, max: 200 }),
      (hour, by) => {
        const to = startAfter(hour, by, day);
        expect(to).toBeGreaterThanOrEqual(day.earliestStartHour);
        expect(to).toBeLessThanOrEqual(day.latestStartHour);
        expect(to * 4).toBe(Math.round(to * 4));
      },
    ),
  );
});

test('a drag counts whole steps, the nearest', () => {
  expect([0, 5, 7, 12, -12, -19].map(stepsOf)).toEqual([0, 0, 1, 1, -1, -2]);
});

test('only that day starts at another hour, also where no day was told yet', () => {
  const days = [{ endKm: 10, startHour: 7 }, { endKm: 20 }, {}];
  expect(withStartAt(days, 1, 6.5)).toEqual([days[0], { endKm: 20, startHour: 6.5 }, {}]);
  expect(withStartAt([], 0, 9)).toEqual([{ startHour: 9 }]);
});

test('starts stand in order beside one another, within the strip, or not at all', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 1200 }), { minLength: 1 }),
      fc.integer({ min: 0, max: 1200 }),
      (at, width) => {
        const sorted = at.toSorted((a, b) => a - b);
        const left = startPlaces(sorted, width);
        if (sorted.length * startWidth > width) {
          expect(left).toBeNull();
          return;
        }
        left!.forEach((x, i) => {
          expect(x).toBeGreaterThanOrEqual(i === 0 ? 0 : left![i - 1] + startWidth);
          expect(x + startWidth).toBeLessThanOrEqual(width);
        });
      },
    ),
  );
});

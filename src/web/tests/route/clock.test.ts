import fc from 'fast-check';
import { expect, test } from 'vitest';
import { clock, hoursText } from '../../src/rooms/route/clock';

test('hours of the core are told as a clock shows them', () => {
  expect(clock(0)).toBe('00:00');
  expect(clock(7.5)).toBe('07:30');
  expect(clock(23.999)).toBe('00:00 next day');
  expect(clock(24)).toBe('00:00 next day');
  expect(clock(31.25)).toBe('07:15 next day');
});

test('lengths of time have no minutes where there are none', () => {
  expect(hoursText(4)).toBe('4 h');
  expect(hoursText(4.25)).toBe('4 h 15 min');
  expect(hoursText(0.999)).toBe('1 h');
  expect(hoursText(0.4)).toBe('0 h 24 min');
});

test('every hour of two days is a time there is, no more than half a minute off', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 47.9, noNaN: true }), (hour) => {
      const told = /^([01]\d|2[0-3]):([0-5]\d)( next day)?$/.exec(clock(hour));
      expect(told, clock(hour)).not.toBeNull();
      const [, h, m, next] = told!;
      const minutes = Number(h) * 60 + Number(m) + (next ? 1440 : 0);
      expect(Math.abs(minutes - hour * 60)).toBeLessThanOrEqual(0.5);
    }),
  );
});

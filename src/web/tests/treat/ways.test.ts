import fc from 'fast-check';
import { expect, test } from 'vitest';
import { timeAxis } from '../../src/rooms/treat/ways/timeAxis';
import { wayPieces } from '../../src/rooms/treat/ways/wayPieces';

const minutes = fc.double({ min: 0, max: 2880, noNaN: true });

test('an axis runs one way from now to the last way’s end, within its width', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 2880, noNaN: true }),
      fc.integer({ min: 40, max: 1400 }),
      minutes,
      minutes,
      (longest, width, a, b) => {
        const { at } = timeAxis(longest, width);
        const [sooner, later] = [Math.min(a, b, longest), Math.min(Math.max(a, b), longest)];
        expect(at(0)).toBe(0);
        expect(at(sooner)).toBeLessThanOrEqual(at(later));
        expect(at(later)).toBeLessThanOrEqual(width + 1e-6);
      },
    ),
  );
});

test('no two marks of an axis stand closer than their words need', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 2880, noNaN: true }),
      fc.integer({ min: 40, max: 1400 }),
      (longest, width) => {
        const { at, ticks } = timeAxis(longest, width);
        ticks.forEach((tick, i) => {
          expect(tick).toBeLessThanOrEqual(longest);
          expect(at(tick) - (i === 0 ? 0 : at(ticks[i - 1]))).toBeGreaterThan(62);
        });
      },
    ),
  );
});

test('work comes before waiting, part after part, without gap or overlap', () => {
  const part = fc
    .tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 600, noNaN: true }))
    .map(([share, length]) => ({ name: 'part', handsOnMinutes: share * length, minutes: length }));
  fc.assert(
    fc.property(fc.array(part, { maxLength: 4 }), (parts) => {
      const pieces = wayPieces(parts);
      let at = 0;
      for (const { fromMinutes, toMinutes } of pieces) {
        expect(fromMinutes).toBeCloseTo(at, 6);
        expect(toMinutes).toBeGreaterThan(fromMinutes);
        at = toMinutes;
      }
      expect(at).toBeCloseTo(
        parts.reduce((sum, p) => sum + p.minutes, 0),
        5,
      );
      const worked = pieces.filter((p) => p.isWork).reduce((sum, p) => sum + p.toMinutes - p.fromMinutes, 0);
      expect(worked).toBeCloseTo(
        parts.reduce((sum, p) => sum + p.handsOnMinutes, 0),
        5,
      );
    }),
  );
});

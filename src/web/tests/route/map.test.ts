import fc from 'fast-check';
import { expect, test } from 'vitest';
import { campRange, withCampAt } from '../../src/rooms/route/desk/campRanges';
import { markHeads, spreadMarks } from '../../src/rooms/route/desk/spreadMarks';
import { placeAt, type MapPoint } from '../../src/rooms/route/map/useMapLine';

const point = (alongKm: number, latitudeDeg: number, longitudeDeg: number): MapPoint => ({
  alongKm,
  latitudeDeg,
  longitudeDeg,
  elevationM: 0,
});
const line = [point(0, 46, -28), point(2, 46.02, -28), point(6, 46.02, -27.94)];

test('a distance along lies on its piece of the line, and beyond its ends at them', () => {
  expect(placeAt(line, 1)![0]).toBeCloseTo(46.01, 9);
  expect(placeAt(line, 4)![1]).toBeCloseTo(-27.97, 9);
  expect(placeAt(line, -1)).toEqual([46, -28]);
  expect(placeAt(line, 9)).toEqual([46.02, -27.94]);
  expect(placeAt([], 1)).toBeNull();
});

test('a camp moves between the camps beside it and no other day is touched', () => {
  const days = fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 2, maxLength: 6 }).map((lengths) => {
    let at = 0;
    return lengths.map((km, i) => ({ endKm: i === lengths.length - 1 ? null : (at += km), meals: i }));
  });
  fc.assert(
    fc.property(days, fc.nat(), fc.double({ min: 0, max: 1, noNaN: true }), (all, pick, share) => {
      const day = pick % (all.length - 1);
      const { from, to } = campRange(all, day, 400);
      const moved = withCampAt(all, day, from + share * (to - from));
      const ends = moved.slice(0, -1).map(({ endKm }) => endKm as number);
      if (to >= from) expect(ends).toEqual(ends.toSorted((a, b) => a - b));
      expect(moved.filter((_, i) => i !== day)).toEqual(all.filter((_, i) => i !== day));
    }),
  );
});

test('places to touch never overlap, are never too small, and stay on the strip where they fit', () => {
  const marks = fc
    .array(fc.double({ min: 0, max: 500, noNaN: true }), { minLength: 1, maxLength: 18 })
    .map((at) => at.toSorted((a, b) => a - b));
  fc.assert(
    fc.property(marks, (at) => {
      const places = spreadMarks(at, 500);
      const heads = markHeads(at, 500);
      places.forEach(({ left, width }, i) => {
        expect(heads[i]).toBeGreaterThanOrEqual(left);
        expect(heads[i]).toBeLessThanOrEqual(left + width);
        expect(width).toBeGreaterThanOrEqual(25 - 1e-6);
        if (i > 0) expect(left).toBeGreaterThanOrEqual(places[i - 1].left + places[i - 1].width - 1e-6);
        expect(left + width / 2).toBeLessThanOrEqual(500 + 25);
      });
    }),
  );
});

test('where there is no room to part all marks, each stays at its place', () => {
  const at = Array.from({ length: 30 }, (_, i) => i);
  expect(markHeads(at, 500)).toBe(at);
});

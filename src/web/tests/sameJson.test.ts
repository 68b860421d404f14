import fc from 'fast-check';
import { expect, test } from 'vitest';
import { sameJson } from '../src/shared/sameJson';

/** Through the wire and back, in another order of its properties, it is the same; changed anywhere, it is not. */
test('what reads the same is the same', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      const back: unknown = JSON.parse(JSON.stringify(value));
      expect(sameJson(back, turned(back))).toBe(true);
      expect(sameJson(back, [back])).toBe(false);
      expect(sameJson({ a: back }, { a: back, b: 1 })).toBe(false);
    }),
  );
});

test.each([
  [{ a: 1 }, { a: 2 }],
  [{ a: null }, {}],
  [
    [1, 2],
    [2, 1],
  ],
  [{ 0: 1 }, [1]],
  [0, false],
  ['', null],
])('%j is not %j', (left, right) => expect(sameJson(left, right)).toBe(false));

test('what is undefined is not there', () => expect(sameJson({ a: 1, b: undefined }, { a: 1 })).toBe(true));

function turned(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(turned);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .reverse()
      .map(([key, inner]) => [key, turned(inner)]),
  );
}

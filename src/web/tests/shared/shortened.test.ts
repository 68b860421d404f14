import fc from 'fast-check';
import { expect, test } from 'vitest';
import { shortened } from '../../src/shared/shortened';

test('a name too long for its place ends where the place does, marked', () => {
  expect(shortened('Camp bag', 8)).toBe('Camp bag');
  expect(shortened('Camp bag with a hose', 10)).toBe('Camp bag…');
  expect(shortened('Pot', 0)).toBe('P…');
});

test('it is never longer than allowed, and begins as the text does', () => {
  fc.assert(
    fc.property(fc.string(), fc.integer({ min: 2, max: 60 }), (text, most) => {
      const short = shortened(text, most);
      expect(short.length).toBeLessThanOrEqual(most);
      expect(text.startsWith(short.replace(/…$/, ''))).toBe(true);
      expect(short === text).toBe(text.length <= most);
    }),
  );
});

import { expect, test } from 'vitest';
import { isSwipe } from '../../src/rooms/now/useSwipe';

test('a swipe goes far to the left; a scroll, a tap and the way back are none', () => {
  expect(isSwipe(-140, 20)).toBe(true);
  expect(isSwipe(-140, 100)).toBe(false);
  expect(isSwipe(-40, 0)).toBe(false);
  expect(isSwipe(140, 0)).toBe(false);
});

import { expect, test } from 'vitest';
import { drinkFirst } from '../../src/rooms/now/inhand/drinkFirst';
import type { ContainerInHand } from '../../src/store/InHandContext';

const holding = (name: string, litres: number, water: object, cleanSideDirty = false) =>
  ({ name, litres, water, cleanSideDirty }) as unknown as ContainerInHand;
const clean = (drinkBy: string | null = null, part: object = {}) => ({
  is: 'clean',
  shortOf: [],
  stale: false,
  drinkBy,
  ...part,
});

test('what must be drunk soonest comes first, then the fullest', () => {
  const [late, soon, full] = [
    holding('late', 1, clean('2026-08-22T10:00:00Z')),
    holding('soon', 0.3, clean('2026-08-21T20:00:00Z')),
    holding('full', 2, clean()),
  ];
  expect(drinkFirst([late, full, soon])?.name).toBe('soon');
  expect(drinkFirst([holding('less', 1, clean()), full])?.name).toBe('full');
});

test('raw, waiting, stale, short or dirty water is never offered', () => {
  expect(
    drinkFirst([
      holding('raw', 1, { is: 'raw' }),
      holding('waiting', 1, { is: 'underWay' }),
      holding('stale', 1, clean(null, { stale: true })),
      holding('short', 1, clean(null, { shortOf: ['viruses'] })),
      holding('dirty', 1, clean(), true),
      holding('empty', 0, clean()),
    ]),
  ).toBeUndefined();
});

import { expect, test } from 'vitest';
import { vesselShape } from '../../src/shared/vessels/vesselShapes';
import { blank } from '../kit/blank';
import type { ItemOf } from '../../src/store/kitItems';

const container = (more: Partial<ItemOf<'container'>>) =>
  vesselShape({ ...blank('container'), ...more } as ItemOf<'container'>);
const pot = (volumeL: number | null) => vesselShape({ ...blank('pot'), volumeL } as ItemOf<'pot'>);

test.each([
  ['a bottle', container({}), 'bottle'],
  ['a bladder with a hose', container({ hasHose: true }), 'bladder'],
  ['a soft bottle', container({ squeezable: true }), 'bladder'],
  ['a soft bag of 10 L', container({ squeezable: true, volumeL: 10 }), 'bag'],
  ['a soft bag with a hose', container({ squeezable: true, volumeL: 4, hasHose: true }), 'bag'],
  ['a pot', pot(1.3), 'pot'],
  ['a small pot', pot(0.6), 'mug'],
  ['a pot of unknown size', pot(null), 'pot'],
  ['what is not known', vesselShape(undefined), 'bottle'],
])('%s', (_, shape, wanted) => {
  expect(shape).toBe(wanted);
});

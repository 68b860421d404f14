import fc from 'fast-check';
import { expect, test } from 'vitest';
import { byBag, noBag } from '../../src/rooms/kit/bags';
import { kinds } from '../../src/rooms/kit/kinds';
import { blank } from './blank';
import type { Kept } from '../../src/store/records';

type Piece = Kept<'kit-item'>;

const anyKit = fc
  .array(
    fc.record({
      kind: fc.constantFrom(...kinds.map(({ id }) => id)),
      bag: fc.constantFrom(null, '', '  ', 'Lid', 'Pack', ' Pack '),
    }),
  )
  .map((pieces) =>
    pieces.map(({ kind, bag }, i) => ({ id: String(i), body: { ...blank(kind), bag } }) as Piece),
  );

test('every piece is in one bag, once', () => {
  fc.assert(
    fc.property(anyKit, (kit) => {
      const listed = byBag(kit).flatMap(({ items }) => items.map(({ id }) => id));
      expect(listed.toSorted()).toEqual(kit.map(({ id }) => id).toSorted());
    }),
  );
});

test('bags stand by name, what is in none last, and a bag’s things in the order of their kinds', () => {
  fc.assert(
    fc.property(anyKit, (kit) => {
      const bags = byBag(kit);
      const named = bags.map(({ bag }) => bag).filter((bag) => bag !== noBag);
      expect(named).toEqual([...new Set(named)].toSorted());
      expect(bags.findIndex(({ bag }) => bag === noBag)).toBe(
        bags.some(({ bag }) => bag === noBag) ? bags.length - 1 : -1,
      );
      for (const { items } of bags) {
        const order = items.map(({ body }) => kinds.findIndex(({ id }) => id === body.kind));
        expect(order).toEqual(order.toSorted((a, b) => a - b));
      }
    }),
  );
});

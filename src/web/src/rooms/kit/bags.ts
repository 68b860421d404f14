import type { Kept } from '../../store/records';
import { kinds } from './kinds';

/** What the kit calls a piece of which nobody has said in which bag it travels. */
export const noBag = 'In no bag that was named';

/** The kit as it is packed: each bag by name with its things in the order of their kinds, what is in no named bag last. */
export function byBag(kit: readonly Kept<'kit-item'>[]): { bag: string; items: Kept<'kit-item'>[] }[] {
  const bags = new Map<string, Kept<'kit-item'>[]>();
  for (const kind of kinds) {
    for (const item of kit.filter(({ body }) => body.kind === kind.id)) {
      const bag = item.body.bag?.trim() ?? '';
      bags.set(bag, [...(bags.get(bag) ?? []), item]);
    }
  }
  return [...bags]
    .toSorted(([a], [b]) => Number(a === '') - Number(b === '') || a.localeCompare(b))
    .map(([bag, items]) => ({ bag: bag === '' ? noBag : bag, items }));
}

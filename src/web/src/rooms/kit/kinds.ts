import type { Item, ItemKind, ItemOf } from '../../store/kitItems';

/** The kinds of kit, in the order they are listed. */
export const kinds: { id: ItemKind; one: string }[] = [
  { id: 'container', one: 'Container' },
  { id: 'pot', one: 'Pot' },
  { id: 'filter', one: 'Filter' },
  { id: 'lamp', one: 'UV lamp' },
  { id: 'product', one: 'Chemical product' },
  { id: 'burner', one: 'Burner' },
  { id: 'flocculant', one: 'Flocculant' },
  { id: 'improvisedFilter', one: 'Improvised filter' },
  { id: 'permanganate', one: 'Permanganate' },
  { id: 'taste', one: 'Drink mix or taste' },
  { id: 'neutraliser', one: 'Neutraliser' },
  { id: 'electrolytes', one: 'Electrolytes' },
];

/** A piece of each kind, with nothing known that only its label can tell. */
const fresh: { [K in ItemKind]: ItemOf<K> } = {
  container: { kind: 'container', volumeL: 1, opaque: false, clearPlastic: false, depthCm: 20 },
  pot: { kind: 'pot', volumeL: 1.3, massKg: 0.2, material: 'aluminium' },
  filter: {
    kind: 'filter',
    filter: {
      element: 'hollowFibre',
      style: 'squeeze',
      ratedFlowLPerMin: null,
      ratedLifeL: null,
      claims: null,
    },
  },
  lamp: { kind: 'lamp', lamp: { volumePerCycleL: null, secondsPerCycle: null, battery: 'unknown' } },
  product: { kind: 'product', product: { profileId: 'nadcc-8.5', bestBefore: null } },
  burner: { kind: 'burner', burner: { burnerId: 'canister-sheltered' } },
  flocculant: { kind: 'flocculant', flocculant: { form: 'drops', labelDrops: null, labelVolumeL: 1 } },
  improvisedFilter: { kind: 'improvisedFilter' },
  permanganate: { kind: 'permanganate' },
  taste: { kind: 'taste', bestBefore: null },
  neutraliser: { kind: 'neutraliser', bestBefore: null },
  electrolytes: { kind: 'electrolytes', bestBefore: null },
};

/** A new piece of a kind. */
export function freshItem(kind: ItemKind): Item {
  return { ...fresh[kind], name: kinds.find((k) => k.id === kind)?.one ?? '' };
}

import type { ItemKind } from '../../store/kitItems';

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

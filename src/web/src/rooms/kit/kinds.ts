import type { Schema } from '../../core/contract';

export type Kind = NonNullable<Schema<'KitItemKind'>>;
export type Item = Schema<'KitItem'>;

/** The kinds of kit, in the order they are listed. */
export const kinds: { id: Kind; name: string; one: string }[] = [
  { id: 'container', name: 'Containers', one: 'Container' },
  { id: 'pot', name: 'Pots', one: 'Pot' },
  { id: 'filter', name: 'Filters', one: 'Filter' },
  { id: 'lamp', name: 'UV lamps', one: 'UV lamp' },
  { id: 'product', name: 'Chemical products', one: 'Chemical product' },
  { id: 'burner', name: 'Burners', one: 'Burner' },
  { id: 'flocculant', name: 'Flocculants', one: 'Flocculant' },
  { id: 'improvisedFilter', name: 'Makings of an improvised filter', one: 'Improvised filter' },
  { id: 'permanganate', name: 'Permanganate', one: 'Permanganate' },
  { id: 'taste', name: 'For the taste', one: 'Drink mix or taste' },
  { id: 'neutraliser', name: 'Neutralisers', one: 'Neutraliser' },
  { id: 'electrolytes', name: 'Salts', one: 'Electrolytes' },
];

/** A new item of a kind, with nothing known that only its label can tell. */
export function freshItem(kind: Kind): Item {
  const base = { kind, name: kinds.find((k) => k.id === kind)?.one ?? '' } as Item;
  switch (kind) {
    case 'container':
      return { ...base, volumeL: 1, opaque: false, clearPlastic: false, depthCm: 20 };
    case 'pot':
      return { ...base, volumeL: 1.3, massKg: 0.2, material: 'aluminium' };
    case 'filter':
      return {
        ...base,
        filter: {
          element: 'hollowFibre',
          style: 'squeeze',
          ratedFlowLPerMin: null,
          ratedLifeL: null,
          usedL: null,
          clogLoadLNtu: 0,
          lostShare: 0,
          wetted: 'unknown',
          frozen: 'unknown',
          dropped: 'unknown',
          newOrStored: false,
          claims: null,
        },
      };
    case 'lamp':
      return {
        ...base,
        lamp: { volumePerCycleL: 1, secondsPerCycle: 90, cyclesLeft: null, battery: 'unknown' },
      };
    case 'product':
      return { ...base, product: { profileId: 'nadcc-8.5', bestBefore: null } };
    case 'burner':
      return { ...base, burner: { burnerId: 'canister-sheltered', fuelLeftG: null } };
    case 'flocculant':
      return { ...base, flocculant: { form: 'drops', labelDrops: null, labelVolumeL: 1 } };
    case 'taste':
    case 'neutraliser':
    case 'electrolytes':
      return { ...base, extra: { portionsLeft: null, bestBefore: null } };
    default:
      return base;
  }
}

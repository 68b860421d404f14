import type { Entry, EntryKind } from '../../../store/bookLines';

/** A line of each kind with nothing told. */
const blanks: { [K in EntryKind]: Extract<Entry, { kind: K }> } = {
  drank: { kind: 'drank', litres: null },
  urine: { kind: 'urine', walkerId: null },
  bodyMass: { kind: 'bodyMass', walkerId: null, massKg: null },
  signs: { kind: 'signs', walkerId: null, signs: [] },
  sourceSeen: { kind: 'sourceSeen', sourceId: null },
  passedBy: { kind: 'passedBy', sourceId: null },
  filled: { kind: 'filled', containerId: null },
  poured: { kind: 'poured', fromId: null, intoId: null },
  cooked: { kind: 'cooked', containerId: null },
  spilt: { kind: 'spilt', containerId: null },
  rinsed: { kind: 'rinsed', containerId: null },
  dipped: { kind: 'dipped', containerId: null },
  filterServiced: { kind: 'filterServiced', itemId: null, service: null },
  filterLookedOver: { kind: 'filterLookedOver', itemId: null, filter: null },
  mishap: { kind: 'mishap', itemId: null, what: null },
  frostGuarded: { kind: 'frostGuarded', itemId: null },
  stayedWarm: { kind: 'stayedWarm', itemId: null },
  fuelBurnt: { kind: 'fuelBurnt', itemId: null, fuelG: null },
  canisterWeighed: { kind: 'canisterWeighed', itemId: null, fuelLeftG: null },
  counted: { kind: 'counted', itemId: null, left: null },
  charged: { kind: 'charged', itemId: null, cyclesLeft: null },
  stage: { kind: 'stage', hours: null },
  symptom: { kind: 'symptom', walkerId: null },
  note: { kind: 'note' },
  takenBack: { kind: 'takenBack' },
};

/** Told in the kit's own form, or by striking a line out. */
const notByHand = ['filterLookedOver', 'takenBack'];

/** A kind by its name in an address; null when it is none that is written by hand. */
export function asKind(text: string | undefined): EntryKind | null {
  return text !== undefined && Object.hasOwn(blanks, text) && !notByHand.includes(text)
    ? (text as EntryKind)
    : null;
}

/** @param drinkL A drink of which nobody said how large. */
export function blankLine(kind: EntryKind, at: string, drinkL: number): Entry {
  return { ...blanks[kind], at, ...(kind === 'drank' && { litres: drinkL }) };
}

import type { Catalogue, Schema } from '../../../core/contract';
import { plain, show } from '../../../shared/units';
import { minutesText } from '../../../shared/time';

type Weights = Schema<'KitWeights'>;

interface Measure {
  /** The weight it is weighed by. */
  id: keyof Weights;
  name: string;
  of: (set: Schema<'KitSet'>) => number;
  words: (set: Schema<'KitSet'>, catalogue: Catalogue) => string;
}

/** What sets are measured by, each the less the better. */
export const measures: Measure[] = [
  { id: 'mass', name: 'Mass', of: (s) => s.massKg, words: (s, c) => show(c, 'kitMass', s.massKg) },
  { id: 'bulk', name: 'Room', of: (s) => s.bulkL, words: (s, c) => show(c, 'volume', s.bulkL) },
  { id: 'price', name: 'To buy', of: (s) => s.price, words: (s) => (s.price === 0 ? 'nothing' : `€ ${plain(s.price, 0)}`) },
  { id: 'work', name: 'Work a day', of: (s) => s.workMinutesPerDay, words: (s) => minutesText(s.workMinutesPerDay) },
  { id: 'wait', name: 'Longest wait', of: (s) => s.waitMinutes, words: (s) => (s.waitMinutes < 1 ? 'none' : minutesText(s.waitMinutes)) },
  { id: 'taste', name: 'Taste', of: (s) => s.tasteSteps, words: (s) => s.tasteWords },
]; // prettier-ignore

/** How long a measure's bar is beside the others': 0 to 1, the longest of them 1. */
export function share(measure: Measure, set: Schema<'KitSet'>, all: Schema<'KitSet'>[]): number {
  const most = Math.max(...all.map(measure.of));
  return most <= 0 ? 0 : measure.of(set) / most;
}

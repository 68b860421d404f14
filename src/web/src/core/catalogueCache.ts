import { answeredThing } from '../shared/localThing';
import type { Catalogue, UnitSystem } from './contract';

/*
 * The catalogue never changes within a build, so the one this build's core gave last time draws the page while the core is
 * still starting.
 */
const keptIn = (units: UnitSystem) => answeredThing<Catalogue>(`jolly-brook-catalogue-${units}`);
const read = new Map<UnitSystem, Catalogue>();

export function keptCatalogue(units: UnitSystem): Catalogue | null {
  const known = read.get(units);
  if (known) return known;
  const catalogue = keptIn(units).read();
  if (catalogue !== null) read.set(units, catalogue);
  return catalogue;
}

export function keepCatalogue(catalogue: Catalogue) {
  if (read.has(catalogue.units)) return;
  read.set(catalogue.units, catalogue);
  keptIn(catalogue.units).keep(catalogue);
}

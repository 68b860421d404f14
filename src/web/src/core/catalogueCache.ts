import { keepLocal, readLocal } from '../store/localSettings';
import type { Catalogue, UnitSystem } from './contract';

/*
 * The catalogue never changes within a build, so the one this build's core gave last time draws the page while the core is
 * still starting.
 */
const keyOf = (units: UnitSystem) => `jolly-brook-catalogue-${units}`;
const read = new Map<UnitSystem, Catalogue>();

export function keptCatalogue(units: UnitSystem): Catalogue | null {
  const known = read.get(units);
  if (known) return known;
  const kept = readLocal<{ build: string; catalogue: Catalogue }>(keyOf(units));
  if (kept?.build !== __BUILD__) return null;
  const { catalogue } = kept;
  read.set(units, catalogue);
  return catalogue;
}

export function keepCatalogue(catalogue: Catalogue) {
  if (read.has(catalogue.units)) return;
  read.set(catalogue.units, catalogue);
  keepLocal(keyOf(catalogue.units), { build: __BUILD__, catalogue });
}

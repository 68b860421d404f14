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
  const kept = localStorage.getItem(keyOf(units));
  if (kept === null) return null;
  const { build, catalogue } = JSON.parse(kept) as { build: string; catalogue: Catalogue };
  if (build !== __BUILD__) return null;
  read.set(units, catalogue);
  return catalogue;
}

export function keepCatalogue(catalogue: Catalogue) {
  if (read.has(catalogue.units)) return;
  read.set(catalogue.units, catalogue);
  localStorage.setItem(keyOf(catalogue.units), JSON.stringify({ build: __BUILD__, catalogue }));
}

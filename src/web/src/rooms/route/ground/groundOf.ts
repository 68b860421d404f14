import type { ReadRoute, Schema } from '../../../core/contract';

/** The parts of a route that its ground is made of. */
export function groundOf(read: ReadRoute): Partial<Schema<'TripRoute'>> {
  return {
    lengthKm: read.lengthKm,
    heights: read.heights,
    latitudes: read.latitudes,
    longitudes: read.longitudes,
    terrain: read.terrain,
  };
}

/** A route to begin with: as it was kept where the file is one of ours, else the ground under a name. */
export function routeOf(read: ReadRoute, name: string, today: string): Schema<'TripRoute'> {
  if (read.whole) return read.whole;
  return {
    ...groundOf(read),
    name: name.slice(0, 80) || 'New route',
    startDate: today,
  } as Schema<'TripRoute'>;
}

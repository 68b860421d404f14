import { useCalculation } from '../../../core/useCalculation';
import type { Schema } from '../../../core/contract';

export type MapPoint = Schema<'LineOnMapPoint'>;

/** The route's line as points on the map; empty for a route typed in legs, null until it is read. */
export function useMapLine(route: Schema<'TripRoute'>): MapPoint[] | null {
  // The line's own fields alone: the map must not be made anew because a camp or the certainty moved.
  const { name, startDate, lengthKm, heights, latitudes, longitudes } = route;
  const { response } = useCalculation(
    'route-line',
    latitudes ? { name, startDate, lengthKm, heights, latitudes, longitudes } : null,
  );
  if (!route.latitudes) return [];
  return response?.points ?? null;
}

/** Where on a line a distance along it lies: on the piece it falls in, between that piece's ends. */
export function placeAt(line: MapPoint[], km: number): [number, number] | null {
  const first = line[0];
  if (first === undefined) return null;
  if (km <= first.alongKm) return [first.latitudeDeg, first.longitudeDeg];
  for (let i = 1; i < line.length; i++) {
    const [from, to] = [line[i - 1], line[i]];
    if (km > to.alongKm) continue;
    const length = to.alongKm - from.alongKm;
    const share = length > 0 ? (km - from.alongKm) / length : 0;
    return [
      from.latitudeDeg + share * (to.latitudeDeg - from.latitudeDeg),
      from.longitudeDeg + share * (to.longitudeDeg - from.longitudeDeg),
    ];
  }
  const last = line.at(-1)!;
  return [last.latitudeDeg, last.longitudeDeg];
}

import type { Schema } from '../../../core/contract';
import type { Kept } from '../../../store/records';
import { placesOnce } from '../placesOnce';
import { placeAt, type MapPoint } from './useMapLine';

type Stop = Schema<'PlanStop'>;

/** One place of the walk on the map. */
export interface MapPlace {
  stop: Stop;
  at: [number, number];
}

/** Where each of the plan's places lies: where it was seen, or where the line is that far along. */
export function mapPlaces(stops: Stop[], sources: Kept<'trip-source'>[], line: MapPoint[]): MapPlace[] {
  return placesOnce(stops, sources).flatMap((stop) => {
    const body = sources.find(({ id }) => id === stop.id)?.body;
    const own: [number, number] | null =
      body?.latitudeDeg != null && body.longitudeDeg != null ? [body.latitudeDeg, body.longitudeDeg] : null;
    const at = own ?? placeAt(line, stop.alongKm);
    return at === null ? [] : [{ stop, at }];
  });
}

/** Those a map of a size has room for, the ones the plan turns on before the others; in the order of the walk. */
export function withRoom(places: MapPlace[], selected: string | null, roomFor: number): MapPlace[] {
  if (places.length <= roomFor) return places;
  const rank = ({ stop }: MapPlace) =>
    stop.id === selected ? 0 : stop.planned ? 1 : stop.kind === 'source' || stop.kind === 'bailOut' ? 3 : 2;
  const shown = new Set([...places].sort((a, b) => rank(a) - rank(b)).slice(0, roomFor));
  return places.filter((place) => shown.has(place));
}

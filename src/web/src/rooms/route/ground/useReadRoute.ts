import type { ReadRoute, Schema } from '../../../core/contract';
import { useAsk } from '../../../shared/useAsk';
import { api, call } from '../../../store/api';

/** Reads a track file through the server. */
export function useReadRoute() {
  const { busy, problem, ask } = useAsk();
  const read = async (file: File) => {
    const text = await file.text();
    return ask(() =>
      call(() =>
        api.POST('/api/files/route', {
          body: text,
          bodySerializer: (body) => body,
          headers: { 'content-type': 'text/plain' },
        }),
      ),
    );
  };
  return { busy, problem, read };
}

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

/** A place of a file that may become a source: ticked or not, of a kind that can be put right before it is kept. */
export interface Ticked {
  place: Schema<'FoundPlace'>;
  isTaken: boolean;
  kind: NonNullable<Schema<'TripSource'>['class']>;
}

/** What lies further off than this is looked at before it is taken, km. */
const farKm = 3;

/** The places of a file as they are first offered: doubtful ones unticked. */
export function offered(places: Schema<'FoundPlace'>[]): Ticked[] {
  return places.map((place) => ({
    place,
    isTaken: place.class !== null && place.class !== 'reportedDry' && place.offKm <= farKm,
    kind: place.class ?? 'unknown',
  }));
}

/** A ticked place as a source of a route. */
export function sourceOf({ place, kind }: Ticked, routeId: string): Schema<'TripSource'> {
  return {
    name: (place.name || 'Unnamed water').slice(0, 80),
    class: kind,
    alongKm: place.alongKm,
    // An easy pace off the line, both ways counted by the plan.
    detourMinutes: place.offKm > 0.05 ? Math.min(600, Math.round((place.offKm / 3) * 60)) : 0,
    latitudeDeg: place.latitudeDeg,
    longitudeDeg: place.longitudeDeg,
    routeId,
  };
}

import type { ReadRoute, Schema } from '../../../core/contract';
import { useAsk } from '../../../shared/useAsk';
import { api, call } from '../../../store/api';
import { keep } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';

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

/** Keeps the places of a file as sources of a route; what kind of water they are is a first guess from their names. */
export function useKeepPlaces() {
  const store = useStore();
  return async (read: ReadRoute, routeId: string, book: string) => {
    for (const place of read.places) {
      if (place.class === null) continue;
      await keep(
        store.db,
        'trip-source',
        {
          name: (place.name || 'Unnamed water').slice(0, 80),
          class: place.class,
          alongKm: place.alongKm,
          // An easy pace off the line, both ways counted by the plan.
          detourMinutes: place.offKm > 0.05 ? Math.min(600, Math.round((place.offKm / 3) * 60)) : 0,
          latitudeDeg: place.latitudeDeg,
          longitudeDeg: place.longitudeDeg,
          routeId,
        },
        { book },
      );
    }
    store.sync.nudge();
  };
}

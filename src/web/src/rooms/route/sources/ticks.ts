import type { Schema } from '../../../core/contract';

type Source = Schema<'TripSource'>;

/** A place of a file that may become a source: ticked or not, of a kind that can be put right before it is kept. */
export interface Ticked {
  place: Schema<'FoundPlace'>;
  isTaken: boolean;
  kind: NonNullable<Source['class']>;
}

/** The places of a file as they are first offered; those a route has already are left out. */
export function offered(places: Schema<'FoundPlace'>[], known: Source[] = []): Ticked[] {
  const have = new Set(known.map(nameAndPlace));
  return places
    .filter(({ source }) => !have.has(nameAndPlace(source)))
    .map((place) => ({ place, isTaken: place.isOffered, kind: place.source.class ?? 'unknown' }));
}

function nameAndPlace({ name, latitudeDeg, longitudeDeg, alongKm }: Source): string {
  return JSON.stringify([name, latitudeDeg ?? alongKm, longitudeDeg]);
}

/** The ticked places as sources of a route. */
export function takenAs(routeId: string, places: Ticked[]): Source[] {
  return places
    .filter(({ isTaken }) => isTaken)
    .map(({ place, kind }) => ({ ...place.source, class: kind, routeId }));
}

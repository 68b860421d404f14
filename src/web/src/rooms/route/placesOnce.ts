import type { Schema } from '../../core/contract';
import type { Kept } from '../../store/records';

type Stop = Schema<'PlanStop'>;

/**
 * The plan's places, each once by its own name: a water at a camp is met in the evening and in the morning,
 * and is one mark on a picture.
 */
export function placesOnce(stops: Stop[], sources: Kept<'trip-source'>[]): Stop[] {
  const names = new Map(sources.map(({ id, body }) => [id, body.name]));
  const places = new Map<string, Stop>();
  for (const stop of stops) {
    const met = places.get(stop.id);
    if (met) met.planned ||= stop.planned;
    else places.set(stop.id, { ...stop, name: names.get(stop.id) ?? stop.name });
  }
  return [...places.values()];
}

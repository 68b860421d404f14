import { calculate } from '../../../core/core';
import type { Schema } from '../../../core/contract';
import { zoneOf } from './zoneOf';

/** A route with the time zone of its start, where it names none and there is one. */
export async function withZone(route: Schema<'TripRoute'>): Promise<Schema<'TripRoute'>> {
  if (route.timeZone) return route;
  const line = await calculate('route-line', route);
  const start = line.ok ? line.response.points[0] : undefined;
  if (!start) return route;
  const timeZone = await zoneOf(start.latitudeDeg, start.longitudeDeg).catch(() => null);
  return { ...route, timeZone };
}

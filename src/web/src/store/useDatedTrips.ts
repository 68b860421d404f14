import { useMemo } from 'react';
import type { Schema } from '../core/contract';
import { later, offsetsFrom } from '../shared/time';
import type { Kept } from './records';
import { useCurrent } from './useRecords';

/** A trip that begins later than this has no night yet, wherever it is. */
const soonMinutes = 3 * 24 * 60;

/** The last first day that is told, as 2026-08-21. */
const soonFrom = (now: string) => later(now, soonMinutes).slice(0, 10);

/** Trips whose first day is no later than a date, with the clock of each day. */
export function begunBy(soon: string, routes: Pick<Kept<'route'>, 'body'>[]): Schema<'DatedTrip'>[] {
  return routes.flatMap(({ body }) =>
    body.startDate && body.startDate <= soon
      ? [{ route: body, offsetsMinutes: offsetsFrom(body.startDate, (body.days?.length ?? 1) + 1) }]
      : [],
  );
}

/**
 * Trips that have begun by now or soon will, for their nights; undefined while they are being read. One still ahead is left out: to plan
 * it changes nothing that is in hand.
 */
export function useDatedTrips(now: string): Schema<'DatedTrip'>[] | undefined {
  const routes = useCurrent('route');
  const soon = soonFrom(now);
  return useMemo(() => routes && begunBy(soon, routes), [routes, soon]);
}

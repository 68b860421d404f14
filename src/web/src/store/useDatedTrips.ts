import { useMemo } from 'react';
import type { Schema } from '../core/contract';
import { offsetsFrom } from '../shared/time';
import { useCurrent } from './useRecords';

/** Trips that have a first day, for their nights; undefined while they are being read. */
export function useDatedTrips(): Schema<'DatedTrip'>[] | undefined {
  const routes = useCurrent('route');
  return useMemo(
    () =>
      routes?.flatMap(({ body }) =>
        body.startDate
          ? [{ route: body, offsetsMinutes: offsetsFrom(body.startDate, (body.days?.length ?? 1) + 1) }]
          : [],
      ),
    [routes],
  );
}

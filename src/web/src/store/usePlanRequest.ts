import { useMemo } from 'react';
import type { PlanRequest, Schema } from '../core/contract';
import { thisHour } from '../shared/thisMinute';
import { offsetsFrom, today } from '../shared/time';
import { useSettings } from './LocalDataContext';
import { useInHandSettled, useKitEntries, useSourcesNow } from './InHandContext';
import type { Kept } from './records';
import { useCurrent, useRecords } from './useRecords';

interface Asked {
  sources: Kept<'trip-source'>[];
  walkers: Kept<'walker'>[];
  request: PlanRequest;
  /** The same with the sources as they are kept, before anything was found on the way. */
  planned: PlanRequest;
  /** The request for the same route, changed. */
  requestFor: (route: Schema<'TripRoute'>) => PlanRequest;
}

/**
 * A route with all that its plan rests on; null while that is being read, or without a route. Nothing is planned before the log is known: a
 * source that was found dry would be counted on until then.
 */
export function usePlanRequest(
  record: Kept<'route'> | undefined,
  route: Schema<'TripRoute'> | undefined = record?.body,
): Asked | null {
  const { units, countViruses } = useSettings().settings;
  const kit = useKitEntries();
  const allSources = useCurrent('trip-source');
  const sourcesNow = useSourcesNow();
  const isLogKnown = useInHandSettled();
  const allWalkers = useRecords('walker');
  const tests = useRecords('sweat-test');
  const around = useMemo(() => {
    if (!isLogKnown || !record || !allSources || !sourcesNow || !allWalkers || !tests) return null;
    const sources = allSources
      .filter((s) => s.body.routeId === record.id)
      .sort((a, b) => (a.body.alongKm ?? 0) - (b.body.alongKm ?? 0));
    const walkers = allWalkers.filter((w) => w.book === record.book);
    const requestFor = (route: Schema<'TripRoute'>): PlanRequest => ({
      units,
      route,
      sources: sources.map(({ id, body }) => ({
        id,
        source: sourcesNow.find((s) => s.id === id)?.body ?? body,
      })),
      walkers: walkers.map(({ id, body }) => ({ id, walker: body })),
      tests: tests.map(({ id, body }) => ({ id, test: body })),
      now: thisHour(),
      offsetsMinutes: offsetsFrom(route.startDate ?? today(), (route.days?.length ?? 1) + 1),
      kit,
      countViruses,
    });
    return { sources, walkers, requestFor };
  }, [isLogKnown, allSources, sourcesNow, allWalkers, tests, units, countViruses, kit, record]);
  return useMemo(() => {
    if (!around || !route) return null;
    const request = around.requestFor(route);
    return {
      ...around,
      request,
      planned: { ...request, sources: around.sources.map(({ id, body }) => ({ id, source: body })) },
    };
  }, [around, route]);
}

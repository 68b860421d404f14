import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { PlanRequest, Schema } from '../../core/contract';
import { useCalculation, type Calculated } from '../../core/useCalculation';
import { thisHour } from '../../shared/thisMinute';
import { useSettings } from '../../store/LocalDataContext';
import type { Kept } from '../../store/records';
import { useEdited } from '../../store/useEdited';
import { useRecords } from '../../store/useRecords';

type Route = Schema<'TripRoute'>;

interface Trip {
  record: Kept<'route'>;
  route: Route;
  change: (part: Partial<Route>) => void;
  sources: Kept<'trip-source'>[];
  walkers: Kept<'walker'>[];
  request: PlanRequest;
  plan: Calculated<'plan'>;
}

const Context = createContext<Trip | null>(null);

/** One route with all that its plan rests on, and the plan, kept current for every page of the room. */
export function TripProvider({ route: record, children }: { route: Kept<'route'>; children: ReactNode }) {
  const { units } = useSettings().settings;
  const [route, setRoute] = useEdited('route', record);
  const allSources = useRecords('trip-source');
  const allWalkers = useRecords('walker');
  const tests = useRecords('sweat-test');

  const trip = useMemo(() => {
    if (!allSources || !allWalkers || !tests) return null;
    const sources = allSources
      .filter((s) => s.body.routeId === record.id)
      .sort((a, b) => (a.body.alongKm ?? 0) - (b.body.alongKm ?? 0));
    const walkers = allWalkers.filter((w) => w.book === record.book);
    const request: PlanRequest = {
      units,
      route,
      sources: sources.map(({ id, body }) => ({ id, source: body })),
      walkers: walkers.map(({ id, body }) => ({ id, walker: body })),
      tests: tests.map(({ id, body }) => ({ id, test: body })),
      now: thisHour(),
    };
    return { sources, walkers, request };
  }, [allSources, allWalkers, tests, units, route, record]);

  const plan = useCalculation('plan', trip?.request ?? null);
  if (!trip) return null;
  return (
    <Context value={{ record, route, change: (part) => setRoute({ ...route, ...part }), plan, ...trip }}>
      {children}
    </Context>
  );
}

export function useTrip(): Trip {
  const trip = useContext(Context);
  if (trip === null) throw new Error('Outside a route');
  return trip;
}

import { createContext, useContext, type ReactNode } from 'react';
import type { PlanRequest, Schema } from '../../core/contract';
import { useCalculation, type Calculated } from '../../core/useCalculation';
import type { Kept } from '../../store/records';
import { useEdited } from '../../store/useEdited';
import { usePlanRequest } from '../../store/usePlanRequest';

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
  const [route, setRoute] = useEdited('route', record);
  const trip = usePlanRequest(record, route);
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

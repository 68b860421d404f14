import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import type { PlanRequest, Schema } from '../../core/contract';
import { useCatalogue } from '../../store/CatalogueContext';
import { abandon, calculate } from '../../core/core';
import { useCalculation, type Calculated } from '../../core/useCalculation';
import type { Kept } from '../../store/records';
import { useEdited } from '../../store/useEdited';
import { usePlanRequest } from '../../store/usePlanRequest';
import { HandFollower } from './HandFollower';

type Route = Schema<'TripRoute'>;

interface Trip {
  record: Kept<'route'>;
  route: Route;
  change: (part: Partial<Route>) => void;
  /** Plans with a change that a hand still holds; null lets go of it. Left out where a plan takes longer than a hand waits. */
  look: (part: Partial<Route> | null) => void;
  /** Whether the plan is of a change that is only looked at. */
  isLooking: boolean;
  sources: Kept<'trip-source'>[];
  walkers: Kept<'walker'>[];
  request: PlanRequest;
  plan: Calculated<'plan'>;
  /** Whether the plan is the first answer, made for the middle, and the one that keeps the promise is still worked out. */
  isFirst: boolean;
}

const Context = createContext<Trip | null>(null);

/** One route with all that its plan rests on, and the plan, kept current for every page of the room. */
export function TripProvider({ route: record, children }: { route: Kept<'route'>; children: ReactNode }) {
  const { middleCertainty } = useCatalogue().route;
  const [kept, setRoute] = useEdited('route', record);
  const [looked, setLooked] = useState<Partial<Route> | null>(null);
  const [hand] = useState(() => new HandFollower<Partial<Route>>(setLooked));
  const route = useMemo(() => (looked === null ? kept : { ...kept, ...looked }), [kept, looked]);
  const trip = usePlanRequest(record, route);
  const [isAnswered, setAnswered] = useState(false);
  const first = useCalculation(
    'plan',
    trip && !isAnswered ? { ...trip.request, route: { ...route, certainty: middleCertainty } } : null,
  );
  const sure = useCalculation('plan', trip?.request ?? null);
  const isFirst = sure.response === null && sure.problem === null && first.response !== null;
  // Asked for once: later changes show the plan before until the new one is there.
  if (sure.answered !== null && !isAnswered) setAnswered(true);
  if (!trip) return null;
  // Asked before the page is drawn with it: the answer to the same question is waited for by then. What fails is told there.
  const askAhead = (part: Partial<Route>, gone?: AbortSignal) => {
    const request = trip.requestFor({ ...kept, ...part });
    gone?.addEventListener('abort', () => abandon('plan', request));
    return calculate('plan', request).catch(() => undefined);
  };
  const look = (part: Partial<Route> | null) => hand.look(part, askAhead);
  const change = (part: Partial<Route>) => {
    void askAhead(part);
    look(null);
    setRoute({ ...kept, ...part });
  };
  const plan = isFirst ? first : sure;
  return (
    <Context value={{ record, route, change, look, isLooking: looked !== null, plan, isFirst, ...trip }}>
      {children}
    </Context>
  );
}

export function useTrip(): Trip {
  const trip = useContext(Context);
  if (trip === null) throw new Error('Outside a route');
  return trip;
}

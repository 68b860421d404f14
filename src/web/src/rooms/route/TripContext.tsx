import { createContext, useContext, useRef, useState, type ReactNode } from 'react';
import type { PlanRequest, Schema } from '../../core/contract';
import { useCatalogue } from '../../core/CatalogueContext';
import { calculate } from '../../core/core';
import { isServerTrusted } from '../../core/serverCore';
import { useCalculation, type Calculated } from '../../core/useCalculation';
import { sameJson } from '../../shared/sameJson';
import type { Kept } from '../../store/records';
import { useEdited } from '../../store/useEdited';
import { usePlanRequest } from '../../store/usePlanRequest';

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

/** A hand that has not moved for longer rests: two frames, ms. What is planned for where it was is not waited for then. */
const restMs = 25;

/** One route with all that its plan rests on, and the plan, kept current for every page of the room. */
export function TripProvider({ route: record, children }: { route: Kept<'route'>; children: ReactNode }) {
  const { middleCertainty } = useCatalogue().route;
  const [kept, setRoute] = useEdited('route', record);
  // What the hand holds now, and what of it is planned: the newest as soon as the one before is answered.
  const [held, setHeld] = useState<Partial<Route> | null>(null);
  const [looked, setLooked] = useState<Partial<Route> | null>(null);
  const resting = useRef<ReturnType<typeof setTimeout>>(undefined);
  // Only once between two answers, so that a slow hand is followed, too.
  const [hasOvertaken, setOvertaken] = useState(false);
  const route = looked === null ? kept : { ...kept, ...looked };
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
  if (held !== looked && (held === null || sameJson(sure.answered?.route, route))) {
    setLooked(held);
    setOvertaken(false);
  }
  if (!trip) return null;
  const look = (part: Partial<Route> | null) => {
    clearTimeout(resting.current);
    const holds = part !== null && isServerTrusted();
    setHeld(holds ? part : null);
    if (!holds || hasOvertaken) return;
    resting.current = setTimeout(() => {
      setLooked(part);
      setOvertaken(true);
    }, restMs);
  };
  const change = (part: Partial<Route>) => {
    const next = { ...kept, ...part };
    // Asked before the page is drawn with it: the answer to the same question is waited for by then. What fails is told there.
    void calculate('plan', trip.requestFor(next)).catch(() => undefined);
    look(null);
    setRoute(next);
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

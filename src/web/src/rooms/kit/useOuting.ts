import { useMemo, useState } from 'react';
import { nullable, object, string } from 'valibot';
import type { PlanRequest, Schema } from '../../core/contract';
import { requestPart } from '../../shared/entered';
import { thisHour } from '../../shared/thisMinute';
import { today } from '../../shared/time';
import { useRouteChoice } from '../../shared/useRouteChoice';
import { useSettings } from '../../store/LocalDataContext';
import { enteredThing } from '../../shared/localThing';
import { usePlanRequest } from '../../store/usePlanRequest';

/** What a kit is held against, as every calculation about it is asked. */
export interface Outing {
  units: Schema<'UnitSystem'>;
  countViruses: boolean;
  plan: PlanRequest | null;
  trip: Schema<'KitTrip'>;
  now: string;
}

/** What was typed of an outing; of a planned trip, what is known better than its plan. */
export interface TypedOuting {
  routeId: string | null;
  trip: Schema<'KitTrip'>;
}

const kept = enteredThing<TypedOuting>('outing', {
  version: 1,
  schema: object({ routeId: nullable(string()), trip: requestPart<Schema<'KitTrip'>>() }),
});

/** What was typed on an earlier visit; null where that outing is over. */
export function notOver(typed: TypedOuting | null, day: string): TypedOuting | null {
  const isOver = typed?.trip.lastDay != null && typed.trip.lastDay < day;
  return isOver ? null : typed;
}

/** What was typed, where it is of the trip that is looked at. */
export function typedOf(typed: TypedOuting | null, routeId: string | null): Schema<'KitTrip'> {
  return typed?.routeId === routeId ? typed.trip : {};
}

/** The trip a kit is looked at for, the same on every page of the kit: one that is planned, or what is typed of it. */
export function useOuting() {
  const { units, countViruses } = useSettings().settings;
  const { routes, route, choose } = useRouteChoice();
  const plan = usePlanRequest(route);
  const [typed, setTyped] = useState(() => notOver(kept.read(), today()));
  const routeId = route?.id ?? null;
  const trip = useMemo(() => typedOf(typed, routeId), [typed, routeId]);
  const setTrip = (next: Schema<'KitTrip'>) => {
    const told = { routeId, trip: next };
    setTyped(told);
    kept.keep(told);
  };
  const isReady = routes !== undefined && (route === undefined || plan !== null);
  const outing: Outing | null = isReady
    ? { units, countViruses, plan: plan?.request ?? null, trip, now: thisHour() }
    : null;
  return {
    routes: routes ?? [],
    route,
    choose,
    trip,
    setTrip,
    /** Null while the trip is being read. */
    outing,
    /** Whether it says how much water it asks for. */
    isTold: route !== undefined || trip.litres != null,
  };
}

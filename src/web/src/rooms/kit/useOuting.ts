import { useState } from 'react';
import type { PlanRequest, Schema } from '../../core/contract';
import { thisHour } from '../../shared/thisMinute';
import { useRouteChoice } from '../../shared/useRouteChoice';
import { useSettings } from '../../store/LocalDataContext';
import { usePlanRequest } from '../../store/usePlanRequest';

/** What a kit is held against, as every calculation about it is asked. */
export interface Outing {
  units: Schema<'UnitSystem'>;
  countViruses: boolean;
  plan: PlanRequest | null;
  trip: Schema<'KitTrip'>;
  now: string;
}

/** The trip a kit is looked at for: one that is planned, or what is typed of it. */
export function useOuting() {
  const { units, countViruses } = useSettings().settings;
  const { routes, route, choose } = useRouteChoice();
  const plan = usePlanRequest(route);
  const [trip, setTrip] = useState<Schema<'KitTrip'>>({});
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

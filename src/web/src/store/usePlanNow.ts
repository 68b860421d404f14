import type { PlanRequest } from '../core/contract';
import { localInstant } from '../shared/time';
import { useNowMinute } from '../shared/useNow';
import type { Kept } from './records';
import { usePlanRequest } from './usePlanRequest';

/** A trip as it is this minute, and as it was planned; null while that is being read, or without a route. */
export function usePlanNow(
  route: Kept<'route'> | undefined,
): { now: PlanRequest; planned: PlanRequest } | null {
  const minute = useNowMinute();
  const asked = usePlanRequest(route);
  return asked && { now: { ...asked.request, now: localInstant(new Date(minute)) }, planned: asked.planned };
}

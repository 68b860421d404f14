import { useMemo } from 'react';
import { useCalculation } from '../../../core/useCalculation';
import { useInHand } from '../../../store/InHandContext';
import { usePlanNow } from '../../../store/usePlanNow';
import { useCurrent } from '../../../store/useRecords';
import { freeRoom } from './freeRoom';
import { plannedBefore } from './plannedBefore';
import type { Place } from '../../../store/usePlace';

/**
 * What to do from a place on, with what is in hand now. It is told against the plan as it was made, which is reckoned once, and not with
 * every minute that passes.
 */
export function useFromHere(place: Place | null) {
  const state = useInHand();
  const route = useCurrent('route')?.find(({ id }) => id === place?.routeId);
  const asked = usePlanNow(route);
  const plan = useCalculation('plan', place === null ? null : (asked?.planned ?? null));
  const before = useMemo(
    () => (plan.response && plan.answered ? plannedBefore(plan.response, plan.answered) : null),
    [plan.response, plan.answered],
  );
  const isPlanKnown = before !== null || plan.problem !== null || plan.failure !== null;
  return useCalculation(
    'from-here',
    place === null || state === undefined || asked === null || !isPlanKnown
      ? null
      : {
          plan: asked.now,
          alongKm: place.km,
          inHandL: state.drinkableL,
          free: freeRoom(state.containers),
          before,
        },
  );
}

import { useCalculation } from '../../../core/useCalculation';
import { useInHand } from '../../../store/InHandContext';
import { usePlanNow } from '../../../store/usePlanNow';
import { useCurrent } from '../../../store/useRecords';
import { freeRoom } from './freeRoom';
import type { Place } from '../../../store/usePlace';

/** What to do from a place on, with what is in hand now. */
export function useFromHere(place: Place | null) {
  const state = useInHand();
  const route = useCurrent('route')?.find(({ id }) => id === place?.routeId);
  const asked = usePlanNow(route);
  return useCalculation(
    'from-here',
    place === null || state === undefined || asked === null
      ? null
      : {
          plan: asked.now,
          planned: asked.planned,
          alongKm: place.km,
          inHandL: state.drinkableL,
          free: freeRoom(state.containers),
        },
  );
}

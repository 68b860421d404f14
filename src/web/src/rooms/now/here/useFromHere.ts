import { useCalculation } from '../../../core/useCalculation';
import { localInstant } from '../../../shared/time';
import { useNowMinute } from '../../../shared/useNow';
import { useInHand } from '../../../store/InHandContext';
import { usePlanRequest } from '../../../store/usePlanRequest';
import { useCurrent } from '../../../store/useRecords';
import { freeRoom } from './freeRoom';
import type { Place } from '../../../store/usePlace';

/** What to do from a place on, with what is in hand now. */
export function useFromHere(place: Place | null) {
  const now = useNowMinute();
  const state = useInHand();
  const route = useCurrent('route')?.find(({ id }) => id === place?.routeId);
  const asked = usePlanRequest(route);
  return useCalculation(
    'from-here',
    place === null || state === undefined || asked === null
      ? null
      : {
          plan: { ...asked.request, now: localInstant(new Date(now)) },
          planned: asked.planned,
          alongKm: place.km,
          inHandL: state.drinkableL,
          free: freeRoom(state.containers),
        },
  );
}

import type { Schema } from '../../../core/contract';
import { useCalculation } from '../../../core/useCalculation';
import { useNowMinute } from '../../../shared/useNow';
import { useInHand } from '../../../store/InHandContext';
import { useDatedTrips } from '../../../store/useDatedTrips';
import { morning } from './morning';

/** When today is walked by the log or a trip's plan; null where neither tells, undefined until it is known. */
export function useDayOnFoot(): Schema<'DayOnFoot'> | null | undefined {
  const now = useNowMinute();
  const from = morning(new Date(now));
  const trips = useDatedTrips(now);
  const walked = useInHand()?.walked;
  const { response, answered, failure, problem } = useCalculation(
    'days-walk',
    trips && walked ? { from, trips, walked } : null,
  );
  if (failure !== null || problem !== null) return null;
  return answered === null ? undefined : (response?.day ?? null);
}

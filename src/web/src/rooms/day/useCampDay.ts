import { useMemo } from 'react';
import { v7 as newId } from 'uuid';
import type { Response, Schema } from '../../core/contract';
import { useCalculation } from '../../core/useCalculation';
import { useSettings } from '../../store/LocalDataContext';
import type { Kept } from '../../store/records';
import { useEdited } from '../../store/useEdited';
import { usePlanRequest } from '../../store/usePlanRequest';
import { changedBy, overPlan } from './overPlan';

type Day = Schema<'DayBook'>;

interface CampDay {
  /** The day as it stands: the plan's, and the hand's where it changed something; null while the plan is worked out. */
  day: Day | null;
  change: (next: Day) => void;
  /** Whether the litres wanted are no longer the plan's, and the way back. */
  wantsByHand: boolean;
  asPlanned: () => void;
  camp: Response<'camp-day'> | null;
  problem: string | null;
}

/** An evening of a trip: follows the plan, and keeps only what a hand changed of it. */
export function useCampDay(route: Kept<'route'>, evening: number, kept: Kept<'day'> | undefined): CampDay {
  const { units } = useSettings().settings;
  const asked = usePlanRequest(route);
  const { response, problem, failure } = useCalculation(
    'camp-day',
    asked && { units, plan: asked.request, day: evening },
  );
  // Nothing is kept until something is changed.
  const fresh = useMemo<Kept<'day'>>(
    () => ({
      id: newId(),
      book: route.book,
      author: null,
      body: {
        name: null,
        from: null,
        wants: null,
        people: null,
        follows: { routeId: route.id, day: evening },
      },
    }),
    [route.book, route.id, evening],
  );
  const [own, keepOwn] = useEdited('day', kept ?? fresh);
  const planned = response?.day ?? null;
  const day = planned && overPlan(own, planned);
  return {
    day,
    change: (next) => day && keepOwn(changedBy(own, day, next)),
    wantsByHand: own.wants !== null,
    asPlanned: () => day && keepOwn({ ...changedBy(own, day, day), wants: null }),
    camp: response,
    problem: problem?.errors[0]?.message ?? (failure === null ? null : 'No answer.'),
  };
}

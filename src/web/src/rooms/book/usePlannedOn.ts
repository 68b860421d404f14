import { useCalculation } from '../../core/useCalculation';
import { useCurrent } from '../../store/useRecords';
import { usePlanRequest } from '../../store/usePlanRequest';

const dayMs = 24 * 3_600_000;

/** What the plan of a trip under way has the party use on a date such as 2026-08-21, L; null on a day no trip covers. */
export function usePlannedOn(date: string): number | null {
  const route = useCurrent('route')?.find(({ body }) => {
    const start = Date.parse(body.startDate ?? '');
    const end = start + (body.days?.length ?? 1) * dayMs;
    return Date.parse(date) >= start && Date.parse(date) < end;
  });
  const asked = usePlanRequest(route);
  const { response } = useCalculation('plan', asked?.request ?? null);
  const planned = route && response?.days.find((d) => d.date === date);
  return planned ? planned.walkL + planned.campL : null;
}

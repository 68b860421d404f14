import { useCalculation } from '../../core/useCalculation';
import { useRecords } from '../../store/useRecords';
import { usePlanRequest } from '../../store/usePlanRequest';

const dayMs = 24 * 3_600_000;

/** What the plan of a trip under way has the party use on a day, L; null on a day no trip covers. */
export function usePlannedOn(day: Date): number | null {
  const date = [day.getFullYear(), day.getMonth() + 1, day.getDate()]
    .map((n) => String(n).padStart(2, '0'))
    .join('-');
  const route = useRecords('route')?.find(({ body }) => {
    const start = Date.parse(body.startDate ?? '');
    const end = start + (body.days?.length ?? 1) * dayMs;
    return Date.parse(date) >= start && Date.parse(date) < end;
  });
  const asked = usePlanRequest(route);
  const { response } = useCalculation('plan', asked?.request ?? null);
  const planned = route && response?.days.find((d) => d.date === date);
  return planned ? planned.walkL + planned.campL : null;
}

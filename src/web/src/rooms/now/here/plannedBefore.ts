import type { PlanRequest, Response, Schema } from '../../../core/contract';

/** Of a plan as it was made what is told against: its stops, what it carries, and the reports that it went by. */
export function plannedBefore(
  { stops, carried }: Response<'plan'>,
  { sources }: PlanRequest,
): Schema<'PlannedBefore'> {
  return {
    stops: stops.map(({ id, met, alongKm, day, arriveHour, takeL }) => ({
      id,
      met: met ?? null,
      alongKm,
      day,
      arriveHour,
      takeL,
    })),
    carried,
    reports: (sources ?? []).map(({ id, source }) => ({ id, reportedAt: source.reportedAt })),
  };
}

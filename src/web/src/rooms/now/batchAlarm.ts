import { createEvent } from 'ics';
import type { Schema } from '../../core/contract';
import { ringAt } from '../../shared/calendarAlarm';
import type { Batch } from '../../store/batches';

/** An entry for a calendar that rings when a batch is ready, as a calendar's file (RFC 5545). */
export function alarmOf(batch: Batch, clock: Schema<'RunningClock'>): string {
  const step = batch.answer.steps.find((s) => s.id === clock.stepId);
  const { value, error } = createEvent({
    uid: `${batch.id}-${clock.stepId}@jolly-brook`,
    productId: 'jolly-brook',
    title: `Water ready: ${batch.container}`,
    description: `${batch.answer.methodName}, ${batch.answer.headline}. ${step?.title ?? ''}`.trim(),
    start: Date.parse(clock.endsAt),
    startInputType: 'utc',
    startOutputType: 'utc',
    duration: { minutes: 5 },
    alarms: [ringAt(Date.parse(clock.endsAt), `Water ready: ${batch.container}`)],
  });
  if (error || !value) throw error ?? new Error('The calendar entry could not be made.');
  return value;
}

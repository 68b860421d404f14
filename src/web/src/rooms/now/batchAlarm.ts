import { createEvent } from 'ics';
import type { Schema } from '../../core/contract';
import { ringAt } from '../../shared/calendarAlarm';
import type { Batch } from '../../store/batches';

/** An entry for a calendar that rings when the clock of a step of a batch has run, as a calendar's file (RFC 5545). */
export function alarmOf(batch: Batch, clock: Schema<'RunningClock'>, step: string): string {
  const { value, error } = createEvent({
    uid: `${batch.id}-${clock.stepId}@jolly-brook`,
    productId: 'jolly-brook',
    title: `Water ready: ${batch.container}`,
    description: `${batch.answer.methodName}, ${batch.answer.headline}. ${step}`.trim(),
    start: Date.parse(clock.endsAt),
    startInputType: 'utc',
    startOutputType: 'utc',
    duration: { minutes: 5 },
    alarms: [ringAt(Date.parse(clock.endsAt), `Water ready: ${batch.container}`)],
  });
  if (error || !value) throw error ?? new Error('The calendar entry could not be made.');
  return value;
}

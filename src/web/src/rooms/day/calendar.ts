import { createEvents, type EventAttributes } from 'ics';
import type { Response } from '../../core/contract';
import { ringAt } from '../../shared/calendarAlarm';
import { saveFile } from '../../shared/saveFile';

/** Every piece of hands-on work, and every batch as it becomes ready, for the phone's own calendar. */
export function saveCalendar(day: string, name: string, schedule: Response<'schedule'>) {
  saveFile('water-day.ics', 'text/calendar', calendarOf(day, name, schedule));
}

/** The same as text. Ids hang on the day, the batch and the step alone: taken in again after a change, each entry is moved, not doubled. */
export function calendarOf(day: string, name: string, schedule: Response<'schedule'>): string {
  const id = (batch: string, part: string) =>
    `${day}-${batch}-${part}@jolly-brook`.replace(/[^\w@.#-]/g, '-');
  const minutes = (from: string, to: string) =>
    Math.max(1, Math.round((Date.parse(to) - Date.parse(from)) / 60_000));
  const events = schedule.batches.flatMap((batch): EventAttributes[] => [
    ...batch.steps
      .filter((step) => step.person !== null)
      .map((step, i): EventAttributes => {
        const title = `${step.title}: ${batch.container}`;
        return {
          uid: id(batch.key, String(i)),
          productId: 'jolly-brook',
          title,
          description: `${batch.words}. Hands ${step.person}.`,
          start: Date.parse(step.startAt),
          startInputType: 'utc',
          startOutputType: 'utc',
          duration: { minutes: minutes(step.startAt, step.endAt) },
          alarms: [ringAt(Date.parse(step.startAt), title)],
        };
      }),
    {
      uid: id(batch.key, 'ready'),
      productId: 'jolly-brook',
      title: `Ready: ${batch.container}`,
      description: `${batch.words}. For: ${batch.wantName}.`,
      start: Date.parse(batch.readyAt),
      startInputType: 'utc',
      startOutputType: 'utc',
      duration: { minutes: 5 },
      alarms: [ringAt(Date.parse(batch.readyAt), `Water ready: ${batch.container}`)],
    },
  ]);
  const { value, error } = createEvents(events, { calName: name });
  if (error || !value) throw error ?? new Error('The calendar could not be made.');
  return value;
}

import { createEvents, type EventAttributes } from 'ics';
import type { Response } from '../../core/contract';
import { saveFile } from '../../shared/saveFile';

/** Every piece of hands-on work, and every batch as it becomes ready, for the phone's own calendar. */
export function saveCalendar(name: string, schedule: Response<'schedule'>) {
  const minutes = (from: string, to: string) =>
    Math.max(1, Math.round((Date.parse(to) - Date.parse(from)) / 60_000));
  const alarm = (description: string): EventAttributes['alarms'] => [
    { action: 'display', description, trigger: { minutes: 0, before: true } },
  ];
  const events = schedule.batches.flatMap((batch): EventAttributes[] => [
    ...batch.steps
      .filter((step) => step.person !== null)
      .map((step, i): EventAttributes => {
        const title = `${step.title}: ${batch.container}`;
        return {
          uid: `${batch.key}-${i}-${step.startAt}@jolly-brook`,
          productId: 'jolly-brook',
          title,
          description: `${batch.words}. Hands ${step.person}.`,
          start: Date.parse(step.startAt),
          startInputType: 'utc',
          startOutputType: 'utc',
          duration: { minutes: minutes(step.startAt, step.endAt) },
          alarms: alarm(title),
        };
      }),
    {
      uid: `${batch.key}-ready@jolly-brook`,
      productId: 'jolly-brook',
      title: `Ready: ${batch.container}`,
      description: `${batch.words}. For: ${batch.wantName}.`,
      start: Date.parse(batch.readyAt),
      startInputType: 'utc',
      startOutputType: 'utc',
      duration: { minutes: 5 },
      alarms: alarm(`Water ready: ${batch.container}`),
    },
  ]);
  const { value, error } = createEvents(events, { calName: name });
  if (error || !value) throw error ?? new Error('The calendar could not be made.');
  saveFile('water-day.ics', 'text/calendar', value);
}

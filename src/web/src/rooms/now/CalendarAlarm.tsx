import EventAvailable from '@mui/icons-material/EventAvailable';
import { Box, Button } from '@mui/material';
import { createEvent } from 'ics';
import type { Schema } from '../../core/contract';
import { ringAt } from '../../shared/calendarAlarm';
import { saveFile } from '../../shared/saveFile';
import type { Batch } from '../../store/batches';

interface Props {
  batch: Batch;
  clock: Schema<'RunningClock'>;
}

/** One alarm for the phone's own calendar, which rings while the phone sleeps. */
export function CalendarAlarm({ batch, clock }: Props) {
  const save = () => {
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
    saveFile('water-ready.ics', 'text/calendar', value);
  };
  if (clock.remainingSeconds === 0) return null;
  return (
    <Box>
      <Button startIcon={<EventAvailable />} onClick={save}>
        Alarm in the phone’s calendar
      </Button>
    </Box>
  );
}

import EventAvailable from '@mui/icons-material/EventAvailable';
import { Box, Button } from '@mui/material';
import type { Schema } from '../../core/contract';
import { saveFile } from '../../shared/saveFile';
import type { Batch } from '../../store/batches';
import { alarmOf } from './batchAlarm';

interface Props {
  batch: Batch;
  clock: Schema<'RunningClock'>;
  /** What its step says. */
  step: string;
}

/** One alarm for the phone's own calendar, which rings while the phone sleeps. */
export function CalendarAlarm({ batch, clock, step }: Props) {
  const save = () => saveFile('water-ready.ics', 'text/calendar', alarmOf(batch, clock, step));
  if (clock.remainingSeconds === 0) return null;
  return (
    <Box>
      <Button startIcon={<EventAvailable />} onClick={save}>
        Alarm in the phone’s calendar
      </Button>
    </Box>
  );
}

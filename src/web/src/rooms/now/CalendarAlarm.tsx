import EventAvailable from '@mui/icons-material/EventAvailable';
import { Box, Button } from '@mui/material';
import type { Schema } from '../../core/contract';
import { saveFile } from '../../shared/saveFile';
import type { Batch } from '../../store/batches';
import { failures } from '../../shared/failures';
import { fetchBatchAlarm } from './fetchBatchAlarm';

interface Props {
  batch: Batch;
  clock: Schema<'RunningClock'>;
  /** What its step says. */
  step: string;
}

/** One alarm for the phone's own calendar, which rings while the phone sleeps. */
export function CalendarAlarm({ batch, clock, step }: Props) {
  const save = () =>
    fetchBatchAlarm().then(
      ({ alarmOf }) => saveFile('water-ready.ics', 'text/calendar', alarmOf(batch, clock, step)),
      () =>
        failures.tell(
          'The calendar’s alarm was not made: that part of the program is not on this device yet. Keep this page open: it rings here.',
        ),
    );
  if (clock.remainingSeconds === 0) return null;
  return (
    <Box>
      <Button startIcon={<EventAvailable />} onClick={() => void save()}>
        Alarm in the phone’s calendar
      </Button>
    </Box>
  );
}

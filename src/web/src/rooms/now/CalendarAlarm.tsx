import EventAvailable from '@mui/icons-material/EventAvailable';
import { Box, Button } from '@mui/material';
import type { Schema } from '../../core/contract';
import { saveFile } from '../../shared/saveFile';
import type { Batch } from '../../store/batches';

interface Props {
  batch: Batch;
  clock: Schema<'RunningClock'>;
}

/** One alarm for the phone's own calendar, which rings while the phone sleeps. What writes it is fetched with the day's room. */
export function CalendarAlarm({ batch, clock }: Props) {
  const save = async () => {
    const { alarmOf } = await import('./batchAlarm');
    saveFile('water-ready.ics', 'text/calendar', alarmOf(batch, clock));
  };
  if (clock.remainingSeconds === 0) return null;
  return (
    <Box>
      <Button startIcon={<EventAvailable />} onClick={() => void save()}>
        Alarm in the phone’s calendar
      </Button>
    </Box>
  );
}

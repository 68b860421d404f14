import { Typography } from '@mui/material';
import { useCalculation } from '../../../core/useCalculation';
import { dateName } from '../../../shared/time';
import { useSettings } from '../../../store/LocalDataContext';
import type { Line } from '../../../store/bookLines';
import { DayPicture } from './DayPicture';
import { usePlannedOn } from '../usePlannedOn';

interface Props {
  day: string;
  lines: Line[];
  batches: { id: string; at: number }[];
}

/** A day's name, what was drunk of what was planned, and the day as a picture. */
export function DayHeading({ day, lines, batches }: Props) {
  const { units } = useSettings().settings;
  const planned = usePlannedOn(day);
  const { response } = useCalculation('book-day', {
    units,
    lines: lines.filter(({ body }) => body.kind === 'drank' || body.kind === 'urine').map(({ body }) => body),
    plannedL: planned,
  });
  return (
    <>
      <Typography variant="h2" sx={{ pt: 1 }}>
        {dateName(day)}
      </Typography>
      {response?.words && <Typography sx={{ fontWeight: 600 }}>{response.words}</Typography>}
      {response && response.mostL > 0 && (
        <DayPicture day={day} answer={response} plannedL={planned} lines={lines} batches={batches} />
      )}
    </>
  );
}

import { Typography } from '@mui/material';
import { useCalculation } from '../../../core/useCalculation';
import { dateName } from '../../../shared/time';
import { useSettings } from '../../../store/LocalDataContext';
import type { Line } from '../../../store/bookLines';
import { usePlannedOn } from '../usePlannedOn';

/** A day's name, and what was drunk of what was planned. */
export function DayHeading({ day, lines }: { day: string; lines: Line[] }) {
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
    </>
  );
}

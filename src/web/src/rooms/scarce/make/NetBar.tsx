import { Box } from '@mui/material';
import { BarFrame, BarMark } from '../../../shared/BarFrame';

const most = 6;
/** Small figures matter most here: the scale is a square root, and ends at a day's water for a party. */
const at = (litres: number) => {
  const bounded = Math.max(-most, Math.min(most, litres));
  return 50 + 50 * Math.sign(bounded) * Math.sqrt(Math.abs(bounded) / most);
};

/** Where the net lies: left of the line it costs more than it gives. */
export function NetBar({ low, high }: { low: number; high: number }) {
  const left = Math.min(at(low), 98);
  const width = Math.max(at(high) - left, 2);
  const colour = low >= 0 ? 'success.main' : high < 0 ? 'error.main' : 'warning.main';
  return (
    <BarFrame>
      <Box
        sx={{
          position: 'absolute',
          left: `${left}%`,
          width: `${width}%`,
          top: 3,
          bottom: 3,
          borderRadius: 1,
          bgcolor: colour,
        }}
      />
      <BarMark percent={50} />
    </BarFrame>
  );
}

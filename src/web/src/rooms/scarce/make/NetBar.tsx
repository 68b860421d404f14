import { Box } from '@mui/material';

const most = 6;
/** Small figures matter most here: the scale is a square root, and ends at a day's water for a party. */
const at = (litres: number) => {
  const bounded = Math.max(-most, Math.min(most, litres));
  return 50 + 50 * Math.sign(bounded) * Math.sqrt(Math.abs(bounded) / most);
};

/** Where the net lies: left of the line it costs more than it gives. */
export function NetBar({ low, high }: { low: number; high: number }) {
  const [left, right] = [at(low), Math.max(at(high), at(low) + 1)];
  const colour = low >= 0 ? 'success.main' : high < 0 ? 'error.main' : 'warning.main';
  return (
    <Box
      aria-hidden
      sx={{
        position: 'relative',
        height: 22,
        border: 1,
        borderColor: 'divider',
        borderRadius: 1,
        overflow: 'hidden',
      }}
    >
      <Box
        sx={{
          position: 'absolute',
          left: `${left}%`,
          width: `${right - left}%`,
          top: 3,
          bottom: 3,
          borderRadius: 1,
          bgcolor: colour,
        }}
      />
      <Box
        sx={{
          position: 'absolute',
          left: 'calc(50% - 1.5px)',
          width: 3,
          top: 0,
          bottom: 0,
          bgcolor: 'text.primary',
        }}
      />
    </Box>
  );
}

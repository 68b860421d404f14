import { Box, LinearProgress, Typography } from '@mui/material';
import type { BatchProgress } from '../../core/contract';
import { clockTime, countdown } from '../../shared/time';

/** The clock that counts now: what is left, when it ends, and a bar. */
export function BatchClock({
  progress: { clock, state },
  large,
}: {
  progress: BatchProgress;
  large?: boolean;
}) {
  if (!clock) return null;
  const over = clock.remainingSeconds === 0;
  return (
    <Box>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5, flexWrap: 'wrap' }}>
        <Typography
          role="timer"
          component="span"
          sx={{ fontSize: large ? '3rem' : '2rem', fontWeight: 800, lineHeight: 1.05 }}
        >
          {over ? 'Time is up' : countdown(clock.remainingSeconds)}
        </Typography>
        <Typography component="span">
          {over ? 'since' : state === 'waiting' ? 'left, drink no sooner than' : 'left, until'}{' '}
          {clockTime(clock.endsAt)}
        </Typography>
      </Box>
      <LinearProgress
        variant="determinate"
        value={100 * clock.share}
        aria-hidden
        sx={{ height: 10, borderRadius: 5, mt: 1 }}
      />
    </Box>
  );
}

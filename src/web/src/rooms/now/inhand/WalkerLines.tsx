import { Box, Typography } from '@mui/material';
import { useState } from 'react';
import { useCalculation } from '../../../core/useCalculation';
import { useNowMinute } from '../../../shared/useNow';
import type { InHand } from '../../../store/InHandContext';
import { useSettings } from '../../../store/LocalDataContext';
import { useRecords } from '../../../store/useRecords';
import { morning, watchRequest } from '../../body/watch/watchRequest';
import { WalkerLine } from './WalkerLine';

/** Who is how far behind on water since the morning, what that is counted on, and what the party drank together. */
export function WalkerLines({ state }: { state: InHand }) {
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const [from] = useState(() => morning(new Date()));
  const walkers = useRecords('walker') ?? [];
  const tests = useRecords('sweat-test') ?? [];
  const requestOf = (id: string) => {
    const walker = walkers.find((w) => w.id === id);
    return walker ? watchRequest(walker, tests, state, { units, now, from }) : null;
  };
  // What was walked today is the same for all of them.
  const { response } = useCalculation('body-watch', walkers[0] ? requestOf(walkers[0].id) : null);
  const walked = response?.assumptions.find(({ field }) => field === 'walks');
  return (
    <Box
      component="ul"
      aria-label="Who drank"
      sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}
    >
      {state.walkers.map((told) => (
        <li key={told.id}>
          <WalkerLine told={told} request={requestOf(told.id)} />
        </li>
      ))}
      {walked && (
        <Typography component="li" variant="body2" color="text.secondary">
          {walked.message}
        </Typography>
      )}
    </Box>
  );
}

import { useState } from 'react';
import type { Response } from '../../../core/contract';
import { useCalculation } from '../../../core/useCalculation';
import { useNowMinute } from '../../../shared/useNow';
import { useInHand } from '../../../store/InHandContext';
import { useSettings } from '../../../store/LocalDataContext';
import { useRecords } from '../../../store/useRecords';
import { morning, watchRequest } from '../watch/watchRequest';

/** Everybody's water since the morning, the weakest first; null until it is known. */
export function usePartyWatch(): Response<'party-watch'> | null {
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const [from] = useState(() => morning(new Date()));
  const state = useInHand();
  const walkers = useRecords('walker');
  const tests = useRecords('sweat-test');
  const { response } = useCalculation(
    'party-watch',
    state && walkers && tests
      ? {
          units,
          members: walkers.map((walker) => ({
            id: walker.id,
            name: walker.body.name,
            day: watchRequest(walker, tests, state, { units, now, from }),
          })),
        }
      : null,
  );
  return response ?? null;
}

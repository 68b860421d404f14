import type { Schema } from '../../../core/contract';
import { useNowMinute } from '../../../shared/useNow';
import { useInHand } from '../../../store/InHandContext';
import { useSettings } from '../../../store/LocalDataContext';
import { useRecords } from '../../../store/useRecords';
import { toldDay } from '../watch/toldDay';
import { useDayOnFoot } from '../watch/useDayOnFoot';
import { watchRequest } from '../watch/watchRequest';

/** Everybody's day since the morning, as the core is told of it; null until it is known. */
export function usePartyDays(): Schema<'PartyMember'>[] | null {
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const onFoot = useDayOnFoot();
  const state = useInHand();
  const walkers = useRecords('walker');
  const tests = useRecords('sweat-test');
  if (!state || !walkers || !tests || onFoot === undefined) return null;
  return walkers.map((walker) => ({
    id: walker.id,
    name: walker.body.name,
    day: watchRequest(walker, tests, state, {
      units,
      now,
      told: toldDay(walker.id, new Date(now)),
      onFoot,
    }),
  }));
}

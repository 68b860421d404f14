import type { Response } from '../../../core/contract';
import { useCalculation } from '../../../core/useCalculation';
import { useNowMinute } from '../../../shared/useNow';
import { useInHand } from '../../../store/InHandContext';
import { useSettings } from '../../../store/LocalDataContext';
import { usePartyDays } from '../../body/signs/usePartyDays';
import { hiddenWater } from './hiddenWater';

export type SipReminder = Response<'sips'>['reminders'][number];

const none: SipReminder[] = [];

/** When to drink from what can't be seen, what is due first; empty where there is no such water, null until it is known. */
export function useSips(): SipReminder[] | null {
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const state = useInHand();
  const members = usePartyDays();
  const hidden = hiddenWater(state?.containers ?? []);
  const { response, answered, failure } = useCalculation(
    'sips',
    members && hidden.length > 0 ? { units, now, hidden, members } : null,
  );
  const isKnown = answered !== null || failure !== null;
  if (hidden.length === 0) return none;
  return isKnown ? (response?.reminders ?? none) : null;
}

import type { Response } from '../../../core/contract';
import { useCalculation } from '../../../core/useCalculation';
import { useSettings } from '../../../store/LocalDataContext';
import { usePartyDays } from './usePartyDays';

/** Everybody's water since the morning, the weakest first; null until it is known. */
export function usePartyWatch(): Response<'party-watch'> | null {
  const { units } = useSettings().settings;
  const members = usePartyDays();
  const { response } = useCalculation('party-watch', members && { units, members });
  return response ?? null;
}

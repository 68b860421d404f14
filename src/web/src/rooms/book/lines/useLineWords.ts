import { useCalculation } from '../../../core/useCalculation';
import { useSettings } from '../../../store/LocalDataContext';
import type { Entry } from '../../../store/bookLines';
import { useNames } from '../useNames';

/** A line in words, checked. */
export function useLineWords(entry: Entry | null) {
  const { units } = useSettings().settings;
  const { name } = useNames();
  return useCalculation(
    'book-entry',
    entry === null
      ? null
      : {
          units,
          entry: { ...entry, photo: null },
          walker: name(entry.walkerId),
          thing: name(entry.itemId) ?? name(entry.sourceId),
        },
  );
}

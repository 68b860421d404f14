import { useCalculation } from '../../../core/useCalculation';
import { about, withoutPhoto, type Entry } from '../../../store/bookLines';
import { useSettings } from '../../../store/LocalDataContext';
import { useNames } from '../useNames';

/** A line in words, checked. */
export function useLineWords(entry: Entry | null) {
  const { units } = useSettings().settings;
  const { name } = useNames();
  const of = entry === null ? {} : about(entry);
  return useCalculation(
    'book-line',
    entry === null
      ? null
      : {
          units,
          line: withoutPhoto(entry),
          names: { walker: name(of.walkerId), thing: name(of.thingId), other: name(of.otherId) },
        },
  );
}

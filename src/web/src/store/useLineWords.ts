import type { Request } from '../core/contract';
import { useCalculation } from '../core/useCalculation';
import { about, withoutPhoto, type Entry } from './bookLines';
import { useSettings } from './LocalDataContext';
import { useNames } from './useNames';

/** A line in words, checked. */
export function useLineWords(entry: Entry | null) {
  return useCalculation('book-line', useLineRequest(entry));
}

/** What the core is asked about a line: the line, the units and the names it speaks of. */
export function useLineRequest<E extends Entry | null>(
  entry: E,
): E extends null ? null : Request<'book-line'>;
export function useLineRequest(entry: Entry | null): Request<'book-line'> | null {
  const { units } = useSettings().settings;
  const { name } = useNames();
  if (entry === null) return null;
  const of = about(entry);
  return {
    units,
    line: withoutPhoto(entry),
    names: { walker: name(of.walkerId), thing: name(of.thingId), other: name(of.otherId) },
  };
}

import { useMemo } from 'react';
import { useLiveQuery } from 'dexie-react-hooks';
import type { Schema } from '../core/contract';
import { sorted } from './bookLines';
import { all, type Kept } from './records';
import { useKit } from './LocalDataContext';
import { useStore } from './StoreContext';

/** What the book says happened to each piece of kit, by its id: bad news counts at once, accepted or not. */
export type Mishaps = Record<string, Schema<'ItemMishap'>[]>;

/** Mishaps out of lines of the book; those that were corrected or struck out no longer stand. */
export function mishapsOf(lines: Kept<'book-entry'>[]): Mishaps {
  const found: Mishaps = {};
  for (const { body } of sorted(lines, true).standing) {
    if (body.kind !== 'mishap' || body.itemId == null) continue;
    (found[body.itemId] ??= []).push({ kind: body.mishap ?? null, at: body.at });
  }
  return found;
}

/** Mishaps of the whole book; none while it is being read. */
export function useMishaps(): Mishaps {
  const { db } = useStore();
  const lines = useLiveQuery(() => all(db, 'book-entry'), [db]);
  return useMemo(() => mishapsOf(lines ?? []), [lines]);
}

/** A piece of kit as the core is told of it. */
export function kitEntry({ id, body }: Kept<'kit-item'>, mishaps: Mishaps): Schema<'KitEntry'> {
  return { id, item: body, mishaps: mishaps[id] ?? null };
}

/** The whole kit as the core is told of it. */
export function useKitEntries(): Schema<'KitEntry'>[] {
  const kit = useKit();
  const mishaps = useMishaps();
  return useMemo(() => kit.map((item) => kitEntry(item, mishaps)), [kit, mishaps]);
}

import type { Schema } from '../../../core/contract';

export type EntryKind = NonNullable<Schema<'BookEntryKind'>>;

const all: Record<EntryKind, true> = {
  drink: true,
  urine: true,
  bodyMass: true,
  sourceReport: true,
  filterService: true,
  mishap: true,
  fuelUsed: true,
  stage: true,
  symptom: true,
  note: true,
};

export function asKind(text: string | undefined): EntryKind | null {
  return text !== undefined && text in all ? (text as EntryKind) : null;
}

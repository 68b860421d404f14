import { boolean, nullable, number, object, record, string, type InferOutput } from 'valibot';
import { enteredThing } from '../../../shared/localThing';
import { morning } from './morning';

/** What somebody told of a walker's day, for every place that asks how they stand. */
export interface ToldDay {
  /** When they were last well watered; null for when the day begins. */
  from: string | null;
  setOut: string | null;
  arrived: string | null;
  airC: number | null;
  rested: boolean;
}

const keptDay = object({
  from: nullable(string()),
  setOut: nullable(string()),
  arrived: nullable(string()),
  airC: nullable(number()),
  rested: boolean(),
  /** The morning of the day it was told of. */
  morning: string(),
});

type KeptDays = Partial<Record<string, InferOutput<typeof keptDay>>>;

const kept = enteredThing<KeptDays>('told-days', { version: 1, schema: record(string(), keptDay) });

const all = () => kept.read() ?? {};

/** The day as it was told since this morning; nothing told of it otherwise. */
export function toldDay(walker: string, now: Date): ToldDay {
  const told = all()[walker];
  return told?.morning === morning(now)
    ? told
    : { from: null, setOut: null, arrived: null, airC: null, rested: false };
}

/** Keeps what was told of today; other days are over. */
export function tellDay(walker: string, told: ToldDay, now: Date): void {
  const today = morning(now);
  const days = Object.entries(all()).filter(([, day]) => day?.morning === today);
  kept.keep({ ...Object.fromEntries(days), [walker]: { ...told, morning: today } });
}

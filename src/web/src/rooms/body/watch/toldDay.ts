import { keepLocal, readLocal } from '../../../store/localSettings';
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

interface KeptDay extends ToldDay {
  /** The morning of the day it was told of. */
  morning: string;
}

const kept = 'told-days';

const all = () => readLocal<Record<string, KeptDay | undefined>>(kept) ?? {};

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
  keepLocal(kept, { ...Object.fromEntries(days), [walker]: { ...told, morning: today } });
}

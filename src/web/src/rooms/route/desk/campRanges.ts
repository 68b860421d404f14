import type { Schema } from '../../../core/contract';

type Day = Schema<'RouteDay'>;

/** The least a day may be, km, so that two camps never meet under a finger. */
const leastDayKm = 0.5;

/** How far each camp may be moved: between the camp before it and the one after. */
export function campRange(days: Day[], day: number, lengthKm: number): { from: number; to: number } {
  const before = days[day - 1]?.endKm ?? 0;
  const after = days[day + 1]?.endKm ?? lengthKm;
  return { from: before + leastDayKm, to: after - leastDayKm };
}

/** The days with a camp moved. */
export function withCampAt(days: Day[], day: number, km: number): Day[] {
  return days.map((d, i) => (i === day ? { ...d, endKm: km } : d));
}

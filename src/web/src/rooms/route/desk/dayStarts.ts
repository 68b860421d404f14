import type { Schema } from '../../../core/contract';
import { movedApart } from './spreadMarks';

type Day = Schema<'RouteDay'>;

/** Hours that one step moves a start by. */
const stepH = 0.25;

/** The hours that a start may be told between, after midnight. */
export type StartRange = Pick<Schema<'RouteChoices'>, 'earliestStartHour' | 'latestStartHour'>;

/** How far a finger goes for one step, px. */
const stepPx = 12;

/** What a start takes on the strip, px. */
export const startWidth = 76;

/** The hour so many steps later, or earlier, on a whole step. */
export function startAfter(hour: number, steps: number, range: StartRange): number {
  const moved = Math.round(hour / stepH + steps) * stepH;
  return Math.min(range.latestStartHour, Math.max(range.earliestStartHour, moved));
}

/** How many steps a drag of so many px is. */
export const stepsOf = (px: number) => Math.round(px / stepPx);

/** The days with one that starts at another hour. */
export function withStartAt(days: Day[], day: number, startHour: number): Day[] {
  const all = days.length > day ? days : Array.from({ length: day + 1 }, (_, i) => days[i] ?? {});
  return all.map((d, i) => (i === day ? { ...d, startHour } : d));
}

/** Where each start stands on the strip, left edge, px; null where there is no room for all of them. */
export function startPlaces(at: number[], stripWidth: number): number[] | null {
  if (at.length * startWidth > stripWidth) return null;
  return movedApart(at, startWidth, stripWidth).map((middle) => middle - startWidth / 2);
}

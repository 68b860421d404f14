import type { ChainSummary } from '../../../core/contract';

/** A stretch of a way's time. */
export interface WayPiece {
  name: string;
  fromMinutes: number;
  toMinutes: number;
  /** Whether somebody works, or only waits. */
  isWork: boolean;
}

/** A way's parts laid end to end: of each, the work first, then the waiting. */
export function wayPieces(parts: ChainSummary['parts']): WayPiece[] {
  const pieces: WayPiece[] = [];
  let at = 0;
  for (const { name, handsOnMinutes, minutes } of parts) {
    const worked = at + handsOnMinutes;
    const end = at + minutes;
    if (worked > at) pieces.push({ name, fromMinutes: at, toMinutes: worked, isWork: true });
    if (end > worked) pieces.push({ name, fromMinutes: worked, toMinutes: end, isWork: false });
    at = end;
  }
  return pieces;
}

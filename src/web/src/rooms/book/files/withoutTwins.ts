import type { Entry, Line } from '../../../store/bookLines';

/** What tells two lines apart: nothing but empty fields left out, and instants whatever their offset. */
function essence(entry: Entry): string {
  const told = Object.entries(entry).filter(([, value]) => value !== null && value !== undefined);
  return JSON.stringify(
    told
      .map(([key, value]) => [key, key === 'at' ? Date.parse(value as string) : value] as const)
      .sort(([a], [b]) => (a < b ? -1 : 1)),
  );
}

/** Lines that are not in the book yet, so that a file taken in twice changes nothing. */
export function withoutTwins(entries: Entry[], standing: Line[]): { fresh: Entry[]; known: number } {
  const have = new Set(standing.map((line) => essence(line.body)));
  const fresh = entries.filter((entry) => !have.has(essence(entry)));
  return { fresh, known: entries.length - fresh.length };
}

import { dateOf } from '../../shared/time';
import type { BookLines, Line } from '../../store/bookLines';

/** A row of the book: a day's heading, a batch (read when it comes into view), or a line. */
export type Row =
  | { type: 'day'; key: string; day: string; lines: Line[]; batches: { id: string; at: number }[] }
  | { type: 'batch'; key: string; at: number; id: string }
  | { type: 'line'; key: string; at: number; line: Line; replacedBy: Line | undefined };

/** When a version 7 UUID was made. */
export function madeAt(id: string): number {
  return Number.parseInt(id.replace('-', '').slice(0, 12), 16);
}

/** Everything by day, newest first. */
export function timeline(batchIds: string[], lines: Line[], book: BookLines): Row[] {
  const entries: Exclude<Row, { type: 'day' }>[] = [
    ...batchIds.map((id) => ({ type: 'batch' as const, key: id, at: madeAt(id), id })),
    ...lines.map((line) => ({
      type: 'line' as const,
      key: line.id,
      at: Date.parse(line.body.at ?? ''),
      line,
      replacedBy: book.replacedBy.get(line.id),
    })),
  ];
  entries.sort((a, b) => b.at - a.at);
  const standing = new Set(book.standing.map((line) => line.id));
  const rows: Row[] = [];
  let heading: Extract<Row, { type: 'day' }> | undefined;
  for (const entry of entries) {
    const day = dateOf(new Date(entry.at));
    if (heading === undefined || heading.day !== day) {
      heading = { type: 'day', key: day, day, lines: [], batches: [] };
      rows.push(heading);
    }
    if (entry.type === 'line' && standing.has(entry.line.id)) heading.lines.push(entry.line);
    if (entry.type === 'batch') heading.batches.push({ id: entry.id, at: entry.at });
    rows.push(entry);
  }
  return rows;
}

import type { Schema } from '../core/contract';
import type { Store } from './StoreContext';
import { keep, type Kept } from './records';

export type Entry = Schema<'BookEntry'>;
export type Line = Kept<'book-entry'>;

/** Every line of the book, and which of them stand: corrected ones and struck-out ones stay, but count no more. */
export interface BookLines {
  lines: Line[];
  /** For a line that counts no more, the line that took its place. */
  replacedBy: Map<string, Line>;
  standing: Line[];
  /** Whether it is all of them, and not the newest alone. */
  whole: boolean;
}

/** Lines with what stands for which. */
export function sorted(lines: Line[], whole: boolean): BookLines {
  const replacedBy = new Map<string, Line>();
  for (const line of lines) if (line.body.corrects) replacedBy.set(line.body.corrects, line);
  return {
    whole,
    lines,
    replacedBy,
    standing: lines.filter((line) => !replacedBy.has(line.id) && line.body.struckOut !== true),
  };
}

/** Writes a line; null when it could not be kept, which the screen has been told. */
export async function writeLine({ db, sync }: Store, book: string, body: Entry): Promise<string | null> {
  const id = await keep(db, 'book-entry', body, { book }).catch(() => null);
  if (id !== null) sync.nudge();
  return id;
}

/** Takes a line back; it stays in the book, struck out. */
export function strikeOut(store: Store, book: string, line: { id: string; body: Entry }) {
  return writeLine(store, book, {
    kind: line.body.kind,
    at: line.body.at,
    corrects: line.id,
    struckOut: true,
  });
}

import type { Schema } from '../core/contract';
import type { Store } from './StoreContext';
import { keep, type Kept } from './records';

export type Entry = Schema<'BookLine'>;
export type EntryKind = Entry['kind'];
/** A line of one kind. */
export type EntryOf<K extends EntryKind> = Extract<Entry, { kind: K }>;
export type Line = Kept<'book-line'>;

/** Every line of the book, and which of them stand: corrected ones and those taken back stay, but count no more. */
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
    standing: lines.filter((line) => !replacedBy.has(line.id) && line.body.kind !== 'takenBack'),
  };
}

/** Those of one kind. */
export function ofEntryKind<K extends EntryKind>(lines: Line[], kind: K): (Line & { body: EntryOf<K> })[] {
  return lines.filter((line): line is Line & { body: EntryOf<K> } => line.body.kind === kind);
}

/** A line as the core reckons with it: a picture says nothing to it, and is large. */
export function withoutPhoto(line: Entry): Entry {
  return line.kind === 'sourceSeen' ? { ...line, photo: null } : line;
}

/** Ids of what a line is about. */
export interface About {
  walkerId?: string | null;
  /** The container, piece of kit or source. */
  thingId?: string | null;
  /** The container poured into, or the source filled at. */
  otherId?: string | null;
}

/** What a line is about; every kind has its answer. */
export function about(line: Entry): About {
  switch (line.kind) {
    case 'drank':
      return { walkerId: line.walkerId, thingId: line.containerId };
    case 'urine':
    case 'bodyMass':
    case 'signs':
    case 'symptom':
    case 'note':
      return { walkerId: line.walkerId };
    case 'sourceSeen':
    case 'passedBy':
      return { thingId: line.sourceId };
    case 'filled':
      return { thingId: line.containerId, otherId: line.sourceId };
    case 'poured':
      return { thingId: line.fromId, otherId: line.intoId };
    case 'cooked':
    case 'spilt':
    case 'rinsed':
    case 'dipped':
      return { thingId: line.containerId };
    case 'filterServiced':
    case 'filterLookedOver':
    case 'mishap':
    case 'frostGuarded':
    case 'stayedWarm':
    case 'fuelBurnt':
    case 'canisterWeighed':
    case 'counted':
    case 'charged':
      return { thingId: line.itemId };
    case 'stage':
    case 'takenBack':
      return {};
  }
}

/** Writes a line; null when it could not be kept, which the screen has been told. */
export async function writeLine({ db, sync }: Store, book: string, body: Entry): Promise<string | null> {
  const id = await keep(db, 'book-line', body, { book }).catch(() => null);
  if (id !== null) sync.nudge();
  return id;
}

/** Takes a line back; it stays in the book, and counts no more. */
export function takeBack(store: Store, book: string, id: string) {
  return writeLine(store, book, { kind: 'takenBack', at: new Date().toISOString(), corrects: id });
}

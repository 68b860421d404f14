import type { Request, Response, Schema } from '../../core/contract';
import type { LocalStore } from '../db';
import type { Log } from './log';

type Asked = Request<'in-hand'>;

/** What a fold depends on besides the log and the hour. */
export type Around = Pick<Asked, 'units' | 'kit' | 'walkers' | 'sources' | 'trips'>;

/** Where the fold of a log ended, and what was in it: what follows can be folded on from there. */
export interface Checkpoint {
  build: string;
  snapshot: Schema<'Snapshot'>;
  /** When it was folded. */
  now: string;
  around: string;
  /** Ids of the lines, batches and taps that are in the snapshot, and those that came in of late: copying many takes its time. */
  folded: Set<string>;
  foldedLately: Set<string>;
  /** Lines that those in the snapshot correct and that were not here. */
  awaited: string[];
  /** Lines in the snapshot that no longer count. */
  replaced: Schema<'ReplacedLine'>[];
}

/** So many late ones are worth copying them all. */
const manyLately = 200;

/** Whether a line, batch or tap is in a checkpoint's snapshot. */
export const isIn = ({ folded, foldedLately }: Checkpoint, id: string) =>
  folded.has(id) || foldedLately.has(id);

/** How many lines, batches and taps are in it. */
export const sizeOf = ({ folded, foldedLately }: Checkpoint) => folded.size + foldedLately.size;

const marks = new WeakMap<Around, string>();

/**
 * The same for what folds a log the same way: written out once for each, since a tap folds on from it and trips are long. Walkers and the
 * trip's sources are told with the answer and are no part of what is folded.
 */
export function markOf(around: Around): string {
  const { units, kit, trips } = around;
  const mark = marks.get(around) ?? JSON.stringify([units, kit, trips]);
  marks.set(around, mark);
  return mark;
}

/** What is in a snapshot after a log was folded, alone or on from an earlier checkpoint. */
export function checkpoint(
  before: Checkpoint | null,
  asked: Asked,
  { snapshot, replaced }: Response<'in-hand'>,
  around: string,
): Checkpoint {
  const upTo = Date.parse(snapshot.upTo);
  const settled = before?.folded ?? new Set<string>();
  const lately = new Set(before?.foldedLately);
  const isFolded = (id: string) => settled.has(id) || lately.has(id);
  const add = (id: string) => {
    if (!settled.has(id)) lately.add(id);
  };
  for (const { id, at } of moments(logIn(asked))) if (at <= upTo) add(id);
  // Taking back is no moment of its own: it is in the snapshot as soon as what it takes back is.
  for (const { id, line } of asked.lines ?? []) {
    if (line?.kind === 'takenBack' && isFolded(line.corrects ?? '')) add(id ?? '');
  }
  const corrected = (asked.lines ?? []).flatMap(({ id, line }) =>
    line?.corrects && isFolded(id ?? '') ? [line.corrects] : [],
  );
  const awaited = [...(before?.awaited ?? []), ...corrected].filter((id) => !isFolded(id));
  const isMany = lately.size > manyLately;
  return {
    build: __BUILD__,
    snapshot,
    now: asked.now ?? '',
    around,
    folded: isMany ? new Set([...settled, ...lately]) : settled,
    foldedLately: isMany ? new Set() : lately,
    awaited,
    replaced: replaced.filter(({ id }) => isFolded(id)),
  };
}

/** Whether what is new in the log can be folded on: nothing of it is from before, and no correction reaches across. */
export function canFoldOn(known: Checkpoint, log: Log): boolean {
  const upTo = Date.parse(known.snapshot.upTo);
  for (const { id, at } of moments(log)) if (!isIn(known, id) && !(at > upTo)) return false;
  return log.lines.every(
    ({ id, line }) => !(line?.corrects && isIn(known, line.corrects)) && !known.awaited.includes(id ?? ''),
  );
}

const logIn = ({ lines, batches }: Asked): Log => ({ lines: lines ?? [], batches: batches ?? [] });

/** Every line, start and tap with its instant. */
function* moments({ lines, batches }: Log): Generator<{ id: string; at: number }> {
  for (const { id, line } of lines) yield { id: id ?? '', at: Date.parse(line?.at ?? '') };
  for (const batch of batches) {
    const startedAt = Date.parse(batch.startedAt ?? '');
    yield { id: batch.id, at: startedAt };
    // A tap by a clock that is behind counts from the start of its batch.
    for (const { id, tap } of batch.taps ?? [])
      yield { id, at: Math.max(startedAt, Date.parse(tap?.at ?? '')) };
  }
}

const key = 'in-hand';

/** The checkpoint an earlier visit left on this device; null where there is none of this build. */
export async function readCheckpoint(db: LocalStore): Promise<Checkpoint | null> {
  const kept = (await db.meta.get(key))?.value as Checkpoint | undefined;
  return kept?.build === __BUILD__ ? kept : null;
}

export async function keepCheckpoint(db: LocalStore, value: Checkpoint): Promise<void> {
  await db.meta.put({ key, value });
}

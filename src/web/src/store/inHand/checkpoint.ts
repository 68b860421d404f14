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
  /** Ids of the lines, batches and taps that are in the snapshot. */
  folded: Set<string>;
  /** Lines that those in the snapshot correct and that were not here. */
  awaited: string[];
  /** Lines in the snapshot that no longer count. */
  replaced: Schema<'ReplacedLine'>[];
}

export const around = ({ units, kit, walkers, sources, trips }: Around) =>
  JSON.stringify([units, kit, walkers, sources, trips]);

/** What is in a snapshot after a log was folded, alone or on from an earlier checkpoint. */
export function checkpoint(
  before: Checkpoint | null,
  asked: Asked,
  { snapshot, replaced }: Response<'in-hand'>,
): Checkpoint {
  const upTo = Date.parse(snapshot.upTo);
  const folded = new Set(before?.folded);
  for (const { id, at } of moments(logIn(asked))) if (at <= upTo) folded.add(id);
  // Taking back is no moment of its own: it is in the snapshot as soon as what it takes back is.
  for (const { id, line } of asked.lines ?? []) {
    if (line?.kind === 'takenBack' && folded.has(line.corrects ?? '')) folded.add(id ?? '');
  }
  const corrected = (asked.lines ?? []).flatMap(({ id, line }) =>
    line?.corrects && folded.has(id ?? '') ? [line.corrects] : [],
  );
  const awaited = [...(before?.awaited ?? []), ...corrected].filter((id) => !folded.has(id));
  return {
    build: __BUILD__,
    snapshot,
    now: asked.now ?? '',
    around: around(asked),
    folded,
    awaited,
    replaced: replaced.filter(({ id }) => folded.has(id)),
  };
}

/** Whether what is new in the log can be folded on: nothing of it is from before, and no correction reaches across. */
export function canFoldOn({ snapshot, folded, awaited }: Checkpoint, log: Log): boolean {
  const upTo = Date.parse(snapshot.upTo);
  for (const { id, at } of moments(log)) if (!folded.has(id) && !(at > upTo)) return false;
  return log.lines.every(
    ({ id, line }) => !(line?.corrects && folded.has(line.corrects)) && !awaited.includes(id ?? ''),
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

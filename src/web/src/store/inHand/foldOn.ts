import type { Request, Response, Schema } from '../../core/contract';

type Whole = Request<'in-hand'>;
type Answer = Response<'in-hand'>;
type Snapshot = Schema<'Snapshot'>;
type KeptLine = Schema<'KeptLine'>;
type KeptBatch = Schema<'KeptBatch'>;

/** Where the fold of a log ended, and what was in it: what follows can be folded on from there. */
export interface Checkpoint {
  snapshot: Snapshot;
  /** When it was folded. */
  now: string;
  /** Everything beside the log that a fold depends on. */
  around: string;
  /** Ids of the lines and taps that are in the snapshot, and of batches begun. */
  folded: ReadonlySet<string>;
  replaced: Schema<'ReplacedLine'>[];
}

/** What is in a snapshot of this request's log. */
export function checkpoint(whole: Whole, { snapshot, replaced }: Answer): Checkpoint {
  const folded = new Set<string>();
  const upTo = Date.parse(snapshot.upTo);
  for (const { id, at } of moments(whole)) if (at <= upTo) folded.add(id);
  return { snapshot, now: whole.now ?? '', around: aroundOf(whole), folded, replaced };
}

/**
 * The request that folds on from a checkpoint: only what came after it. The whole request where that can't be done: the kit is
 * another, the clock was set back, something from before it has come or gone, or a correction reaches across it.
 */
export function foldOn(before: Checkpoint | null, whole: Whole): Whole {
  if (before === null || before.around !== aroundOf(whole)) return whole;
  if (Date.parse(whole.now ?? '') < Date.parse(before.now)) return whole;
  const upTo = Date.parse(before.snapshot.upTo);
  const after = new Set<string>();
  let stillThere = 0;
  for (const { id, at } of moments(whole)) {
    if (at > upTo) after.add(id);
    else if (before.folded.has(id)) stillThere += 1;
    else return whole;
  }
  if (stillThere !== before.folded.size) return whole;
  const lines: KeptLine[] = [];
  for (const kept of whole.lines ?? []) {
    const isNew = after.has(kept.id ?? '');
    const corrects = kept.line?.corrects;
    if (corrects && after.has(corrects) !== isNew) return whole;
    if (isNew) lines.push(kept);
  }
  const batches = (whole.batches ?? []).filter((batch) => idsOf(batch).some((id) => after.has(id)));
  return { ...whole, lines, batches, since: before.snapshot };
}

/** An answer that was folded on, with what only the earlier one knew. */
export function joined(before: Checkpoint | null, asked: Whole, answer: Answer): Answer {
  return before === null || !asked.since
    ? answer
    : { ...answer, replaced: [...before.replaced, ...answer.replaced] };
}

/** What the answer depends on besides the log and the hour. */
function aroundOf({ units, kit, walkers, sources }: Whole): string {
  return JSON.stringify([units, kit, walkers, sources]);
}

/** Every line, start and tap with its instant. */
function* moments(whole: Whole): Generator<{ id: string; at: number }> {
  for (const { id, line } of whole.lines ?? []) yield { id: id ?? '', at: Date.parse(line?.at ?? '') };
  for (const batch of whole.batches ?? []) {
    const startedAt = Date.parse(batch.startedAt ?? '');
    yield { id: batch.id, at: startedAt };
    for (const { id, tap } of batch.taps ?? []) {
      // A tap by a clock that is behind counts from the start of its batch.
      yield { id, at: Math.max(startedAt, Date.parse(tap?.at ?? '')) };
    }
  }
}

function idsOf(batch: KeptBatch): string[] {
  return [batch.id, ...(batch.taps ?? []).map(({ id }) => id)];
}

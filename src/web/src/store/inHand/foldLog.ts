import type { Request, Response } from '../../core/contract';
import type { Outcome } from '../../core/core';
import type { LocalStore } from '../db';
import { around, canFoldOn, checkpoint, type Around, type Checkpoint } from './checkpoint';
import { logOf, wholeLog, type Key } from './log';

type Answer = Response<'in-hand'>;

/** Runs the calculation. */
export type Ask = (request: Request<'in-hand'>) => Promise<Outcome<'in-hand'>>;

export interface Folded {
  answer: Answer;
  checkpoint: Checkpoint;
  /** Records of the log that were sent. */
  sent: number;
}

/**
 * What the log comes to now: folded on from a checkpoint where that can be done, from nothing where it can't — another kit, a clock set
 * back, something from before that has come or gone, a correction that reaches across. Null where it can't be folded at all.
 */
export async function foldLog(
  ask: Ask,
  db: LocalStore,
  before: Checkpoint | null,
  keys: Key[],
  frame: Around & { now: string },
): Promise<Folded | null> {
  return (await onFrom(ask, db, before, keys, frame)) ?? fromNothing(ask, db, frame);
}

async function onFrom(
  ask: Ask,
  db: LocalStore,
  before: Checkpoint | null,
  keys: Key[],
  frame: Around & { now: string },
): Promise<Folded | null> {
  if (before === null || before.around !== around(frame)) return null;
  if (Date.parse(frame.now) < Date.parse(before.now)) return null;
  const news = keys.filter(([, , id]) => !before.folded.has(id));
  const still = new Set(keys.map(([, , id]) => id).filter((id) => before.folded.has(id)));
  if (still.size !== before.folded.size) return null;
  const log = await logOf(db, news);
  if (!canFoldOn(before, log)) return null;
  const request = { ...frame, ...log, since: before.snapshot };
  const outcome = await ask(request);
  if (!outcome.ok) return null;
  const answer = { ...outcome.response, replaced: [...before.replaced, ...outcome.response.replaced] };
  return { answer, checkpoint: checkpoint(before, request, answer), sent: news.length };
}

async function fromNothing(
  ask: Ask,
  db: LocalStore,
  frame: Around & { now: string },
): Promise<Folded | null> {
  const request = { ...frame, ...(await wholeLog(db)) };
  const outcome = await ask(request);
  if (!outcome.ok) return null;
  return {
    answer: outcome.response,
    checkpoint: checkpoint(null, request, outcome.response),
    sent: request.lines.length + request.batches.length,
  };
}

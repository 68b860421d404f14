import type { Request, Response } from '../../core/contract';
import type { Outcome } from '../../core/core';
import type { LocalStore } from '../db';
import { canFoldOn, checkpoint, isIn, markOf, sizeOf, type Around, type Checkpoint } from './checkpoint';
import { logOf, wholeLog } from './log';
import type { Key, LogKeys } from './LogKeys';

type Answer = Response<'in-hand'>;

/** Runs the calculation. */
export type Ask = (request: Request<'in-hand'>) => Promise<Outcome<'in-hand'>>;

/** Where a fold ended, as far as the page that made it knows. */
export interface Ended {
  checkpoint: Checkpoint;
  /** Where the keys stood; null for a checkpoint from an earlier visit. */
  mark: number | null;
  /** Records that were there then and are not in the snapshot yet. */
  open: Key[];
}

export interface Folded {
  answer: Answer;
  ended: Ended;
  /** Records of the log that were sent. */
  sent: number;
}

/** What is asked besides the log. */
export interface Frame {
  around: Around;
  now: string;
}

/**
 * What the log comes to now: folded on from where it ended where that can be done, from nothing where it can't — another kit, a clock
 * set back, something from before that has come or gone, a correction that reaches across. Null where it can't be folded at all.
 */
export async function foldLog(
  ask: Ask,
  db: LocalStore,
  before: Ended | null,
  keys: LogKeys,
  frame: Frame,
): Promise<Folded | null> {
  return (await onFrom(ask, db, before, keys, frame)) ?? fromNothing(ask, db, keys, frame);
}

async function onFrom(
  ask: Ask,
  db: LocalStore,
  before: Ended | null,
  keys: LogKeys,
  frame: Frame,
): Promise<Folded | null> {
  if (before === null || before.checkpoint.around !== markOf(frame.around)) return null;
  const known = before.checkpoint;
  if (Date.parse(frame.now) < Date.parse(known.now)) return null;
  const { mark } = keys;
  const news = newsSince(before, keys);
  if (news === null) return null;
  const log = await logOf(db, news);
  if (!canFoldOn(known, log)) return null;
  const request = { ...asked(frame), ...log, since: known.snapshot };
  const outcome = await ask(request);
  if (!outcome.ok) return null;
  const answer = { ...outcome.response, replaced: [...known.replaced, ...outcome.response.replaced] };
  const here = checkpoint(known, request, answer, markOf(frame.around));
  return { answer, ended: ended(here, mark, news), sent: news.length };
}

const asked = ({ around, now }: Frame) => ({ ...around, now });

/** Records that are not in the snapshot yet; null where one of those that are has gone. */
function newsSince({ checkpoint: known, mark, open }: Ended, keys: LogKeys): Key[] | null {
  const touched = mark === null ? null : keys.since(mark);
  if (touched !== null) {
    if (touched.some((key) => !keys.has(key) && isIn(known, key[2]))) return null;
    const isNew = new Map([...open, ...touched].map((key) => [String(key), key]));
    return [...isNew.values()].filter((key) => keys.has(key) && !isIn(known, key[2]));
  }
  const all = keys.all();
  const still = new Set(all.map(([, , id]) => id).filter((id) => isIn(known, id)));
  return still.size === sizeOf(known) ? all.filter(([, , id]) => !isIn(known, id)) : null;
}

async function fromNothing(ask: Ask, db: LocalStore, keys: LogKeys, frame: Frame): Promise<Folded | null> {
  const { mark } = keys;
  const all = keys.all();
  const request = { ...asked(frame), ...(await wholeLog(db)) };
  const outcome = await ask(request);
  if (!outcome.ok) return null;
  return {
    answer: outcome.response,
    ended: ended(checkpoint(null, request, outcome.response, markOf(frame.around)), mark, all),
    sent: request.lines.length + request.batches.length,
  };
}

const ended = (here: Checkpoint, mark: number, keys: Key[]): Ended => ({
  checkpoint: here,
  mark,
  open: keys.filter(([, , id]) => !isIn(here, id)),
});

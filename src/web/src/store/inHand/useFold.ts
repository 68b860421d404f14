import { useEffect, useRef, useState } from 'react';
import type { Request, Response } from '../../core/contract';
import { calculate } from '../../core/core';
import { checkpoint, foldOn, joined, type Checkpoint } from './foldOn';

type Whole = Request<'in-hand'>;
type Answer = Response<'in-hand'>;

export interface Fold {
  /** Undefined until it is known. */
  answer: Answer | undefined;
  /** Whether the first attempt is over, with or without an answer. */
  isSettled: boolean;
}

/** What a log comes to, folded on from the last time wherever that can be done. */
export function useFold(whole: Whole | null): Fold {
  const [state, setState] = useState<Fold>({ answer: undefined, isSettled: false });
  const last = useRef<Checkpoint | null>(null);
  useEffect(() => {
    if (whole === null) return;
    let overtaken = false;
    const settle = () => setState((before) => ({ ...before, isSettled: true }));
    void fold(last.current, whole).then(
      (found) => {
        if (overtaken) return;
        if (found === null) return settle();
        last.current = found.checkpoint;
        setState({ answer: found.answer, isSettled: true });
      },
      // The core could not run: what was known stays, and the screen that asked first has said so.
      settle,
    );
    return () => {
      overtaken = true;
    };
  }, [whole]);
  return state;
}

/** Null where the log can't be folded at all. */
async function fold(
  before: Checkpoint | null,
  whole: Whole,
): Promise<{ answer: Answer; checkpoint: Checkpoint } | null> {
  const asked = foldOn(before, whole);
  const outcome = await calculate('in-hand', asked);
  if (!outcome.ok) return before === null ? null : fold(null, whole);
  const answer = joined(before, asked, outcome.response);
  return { answer, checkpoint: checkpoint(whole, answer) };
}

import { startTransition, useEffect, useRef, useState } from 'react';
import type { Response } from '../../core/contract';
import { calculate } from '../../core/core';
import type { LocalStore } from '../db';
import { keepCheckpoint, readCheckpoint, type Around, type Checkpoint } from './checkpoint';
import { foldLog, type Ended, type Frame } from './foldLog';
import { useLogKeys } from './useLogKeys';

/** So many records folded anew are worth a new checkpoint on the device. */
const worthKeeping = 100;

export interface Fold {
  /** Undefined until it is known. */
  answer: Response<'in-hand'> | undefined;
  /** Whether the first attempt is over, with or without an answer. */
  isSettled: boolean;
}

/** The first time anything is folded on takes the core longest: done while nobody waits, so that the first tap does not. */
function warmUp({ around, now }: Frame, { snapshot }: Checkpoint) {
  requestIdleCallback(
    () =>
      void calculate('in-hand', { ...around, now, lines: [], batches: [], since: snapshot }).catch(
        () => undefined,
      ),
  );
}

/** Where the fold of an earlier visit ended. */
async function endedEarlier(db: LocalStore): Promise<Ended | null> {
  const checkpoint = await readCheckpoint(db);
  return checkpoint === null ? null : { checkpoint, mark: null, open: [] };
}

/** What the log on this device comes to, folded on from the last time wherever that can be done. */
export function useFold(db: LocalStore, around: Around | null, now: string): Fold {
  const [state, setState] = useState<Fold>({ answer: undefined, isSettled: false });
  // Undefined until it has been looked for on the device.
  const last = useRef<Ended | null>(undefined);
  const turn = useRef<Promise<void>>(Promise.resolve());
  const log = useLogKeys(db);
  useEffect(() => {
    if (around === null || log === undefined) return;
    let overtaken = false;
    const fold = async () => {
      if (overtaken) return;
      last.current ??= await endedEarlier(db);
      const frame = { around, now };
      const found = await foldLog(
        (request) => calculate('in-hand', request),
        db,
        last.current,
        log.keys,
        frame,
      );
      if (found !== null) {
        const { checkpoint } = found.ended;
        if (last.current === null) warmUp(frame, checkpoint);
        // Overtaken or not, what follows is folded on from it.
        last.current = found.ended;
        if (found.sent >= worthKeeping) {
          requestIdleCallback(() => void keepCheckpoint(db, checkpoint).catch(() => undefined));
        }
      }
      if (overtaken) return;
      // Drawn in pieces: a tap that comes meanwhile goes first.
      startTransition(() =>
        setState((before) => ({ answer: found?.answer ?? before.answer, isSettled: true })),
      );
    };
    // One after another, so that no log is folded twice from nothing. Where the core could not run, what was known stays, and the
    // screen that asked first has said so.
    turn.current = turn.current
      .then(fold)
      .catch(() => setState((before) => ({ ...before, isSettled: true })));
    return () => {
      overtaken = true;
    };
  }, [db, around, log, now]);
  return state;
}

import { useEffect, useRef, useState } from 'react';
import type { Response } from '../../core/contract';
import { calculate } from '../../core/core';
import type { LocalStore } from '../db';
import { keepCheckpoint, readCheckpoint, type Around, type Checkpoint } from './checkpoint';
import { foldLog } from './foldLog';
import { useLogKeys } from './useLogKeys';

/** So many records folded anew are worth a new checkpoint on the device. */
const worthKeeping = 100;

export interface Fold {
  /** Undefined until it is known. */
  answer: Response<'in-hand'> | undefined;
  /** Whether the first attempt is over, with or without an answer. */
  isSettled: boolean;
}

/** What the log on this device comes to, folded on from the last time wherever that can be done. */
export function useFold(db: LocalStore, around: Around | null, now: string): Fold {
  const [state, setState] = useState<Fold>({ answer: undefined, isSettled: false });
  // Undefined until it has been looked for on the device.
  const last = useRef<Checkpoint | null>(undefined);
  const keys = useLogKeys(db);
  useEffect(() => {
    if (around === null || keys === undefined) return;
    let overtaken = false;
    const settle = () => setState((before) => ({ ...before, isSettled: true }));
    const fold = async () => {
      last.current ??= await readCheckpoint(db);
      return foldLog((request) => calculate('in-hand', request), db, last.current, keys, { ...around, now });
    };
    void fold().then(
      (found) => {
        if (overtaken) return;
        if (found === null) return settle();
        last.current = found.checkpoint;
        setState({ answer: found.answer, isSettled: true });
        if (found.sent >= worthKeeping) {
          requestIdleCallback(() => void keepCheckpoint(db, found.checkpoint).catch(() => undefined));
        }
      },
      // The core could not run: what was known stays, and the screen that asked first has said so.
      settle,
    );
    return () => {
      overtaken = true;
    };
  }, [db, around, keys, now]);
  return state;
}

import { createContext, useContext, useEffect, useMemo, type ReactNode } from 'react';
import type { BatchProgress } from '../core/contract';
import { settle, useOpenBatches, type Batch } from './batches';
import { useStore } from './StoreContext';
import { isOver } from './followProgress';
import { useProgress } from './useProgress';

export interface Running {
  batch: Batch;
  progress: BatchProgress;
}

interface Open {
  running: Running[];
  untold: Batch[];
}

const Context = createContext<Open | undefined>(undefined);

/** Every running batch with where it stands, kept current for the rooms, the alarms and the update line. */
export function RunningProvider({ children }: { children: ReactNode }) {
  const { db } = useStore();
  const open = useOpenBatches();
  const progress = useProgress(open);
  const read = useMemo(() => {
    if (!open || !progress) return undefined;
    return open.flatMap((batch) => {
      const stands = progress.get(batch.id);
      return stands ? [{ batch, progress: stands }] : [];
    });
  }, [open, progress]);

  useEffect(() => {
    void settle(db, read?.filter((r) => isOver(r.progress)).map((r) => r.batch.id) ?? []);
  }, [db, read]);

  const value = useMemo(
    () =>
      read && {
        running: read.filter((r) => !isOver(r.progress)),
        untold: open?.filter(({ id }) => progress?.get(id) === null) ?? [],
      },
    [read, open, progress],
  );
  return <Context value={value}>{children}</Context>;
}

const none: Batch[] = [];

/** Running batches; undefined while they are being read. */
export function useRunning(): Running[] | undefined {
  return useContext(Context)?.running;
}

/** Batches of which the core can't tell where they stand. */
export function useUntold(): Batch[] {
  return useContext(Context)?.untold ?? none;
}

/** Whether a clock that must run out is running. */
export function isWaiting({ progress }: Running): boolean {
  return progress.state === 'waiting';
}

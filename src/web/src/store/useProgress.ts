import { useEffect, useState } from 'react';
import type { BatchProgress } from '../core/contract';
import { calculate } from '../core/core';
import { tapsOf, type Batch } from './batches';

const tickMs = 1_000;

/** Where each batch stands, by the core, every second while any is running. */
export function useProgress(batches: Batch[] | undefined): Map<string, BatchProgress> | undefined {
  const [progress, setProgress] = useState<Map<string, BatchProgress>>();

  useEffect(() => {
    if (batches === undefined) return;
    let stopped = false;
    let timer: ReturnType<typeof setTimeout>;
    const settled = new Map<string, BatchProgress>();

    const tick = async () => {
      const now = new Date().toISOString();
      const found = await Promise.all(
        batches.map(
          async (batch) => [batch.id, settled.get(batch.id) ?? (await standing(batch, now))] as const,
        ),
      );
      if (stopped) return;
      for (const [id, stands] of found) {
        if (stands && isOver(stands)) settled.set(id, stands);
      }
      setProgress(new Map(found.filter((f): f is [string, BatchProgress] => f[1] !== null)));
      if (settled.size < batches.length) timer = setTimeout(() => void tick(), tickMs);
    };

    void tick();
    return () => {
      stopped = true;
      clearTimeout(timer);
    };
  }, [batches]);

  return progress;
}

export function isOver({ state }: BatchProgress): boolean {
  return state === 'finished' || state === 'discarded';
}

async function standing(batch: Batch, now: string): Promise<BatchProgress | null> {
  const outcome = await calculate('batch-progress', {
    steps: batch.answer.steps,
    shortOf: batch.answer.shortOf,
    taps: tapsOf(batch),
    startedAt: batch.startedAt,
    now,
    drinkWithinHours: batch.answer.drinkWithinHours ?? null,
  });
  return outcome.ok ? outcome.response : null;
}

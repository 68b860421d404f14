import type { BatchProgress } from '../core/contract';
import { calculate } from '../core/core';
import { tapsOf, type Batch } from './batches';

const tickMs = 1_000;

/**
 * Tells where each batch stands, by the core, every second while any is running, until it is stopped. A second in which nothing could be
 * worked out is passed over: what was told last stands, and the clock goes on with the next. Null for a batch of which the core can't tell.
 */
export function followProgress(
  batches: Batch[],
  tell: (progress: Map<string, BatchProgress | null>) => void,
): () => void {
  let stopped = false;
  let timer: ReturnType<typeof setTimeout>;
  const settled = new Map<string, BatchProgress>();

  const look = async () => {
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
    tell(new Map(found));
  };

  const tick = async () => {
    await look().catch(() => undefined);
    if (!stopped && settled.size < batches.length) timer = setTimeout(() => void tick(), tickMs);
  };

  void tick();
  return () => {
    stopped = true;
    clearTimeout(timer);
  };
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
    volumeL: batch.request.water?.volumeL ?? null,
  });
  return outcome.ok ? outcome.response : null;
}

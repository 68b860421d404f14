import { useLiveQuery } from 'dexie-react-hooks';
import type { Schema, TreatRequest, TreatResponse } from '../core/contract';
import { all, keep } from './records';
import { useStore, type Store } from './StoreContext';

/** A batch with every tap on it, in the order they were made. */
export interface Batch {
  id: string;
  container: string;
  startedAt: string;
  request: TreatRequest;
  answer: TreatResponse;
  taps: Schema<'BatchEventRecord'>[];
}

/** All batches, oldest first; undefined while they are being read. */
export function useBatches(): Batch[] | undefined {
  const { db } = useStore();
  return useLiveQuery(async () => {
    const [batches, taps] = await Promise.all([all(db, 'batch'), all(db, 'batch-event')]);
    return batches.map(({ id, body }) => ({
      id,
      container: body.container ?? '',
      startedAt: body.startedAt ?? '',
      request: body.request!,
      answer: body.answer!,
      taps: taps.filter((tap) => tap.body.batchId === id).map((tap) => tap.body),
    }));
  }, [db]);
}

export async function startBatch(
  { db, sync }: Store,
  container: string,
  request: TreatRequest,
  answer: TreatResponse,
): Promise<string> {
  const id = await keep(db, 'batch', { container, startedAt: request.startAt ?? null, request, answer });
  sync.nudge();
  return id;
}

export async function tap(
  { db, sync }: Store,
  batchId: string,
  kind: Schema<'BatchEventKind'>,
  stepId: string | null,
): Promise<void> {
  await keep(db, 'batch-event', { batchId, kind, stepId, at: new Date().toISOString() });
  sync.nudge();
}

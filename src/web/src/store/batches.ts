import { useLiveQuery } from 'dexie-react-hooks';
import type { Schema, TreatRequest, TreatResponse } from '../core/contract';
import type { LocalRecord, LocalStore } from './db';
import { keep, ofKind, oneOf, withIds, type Bodies } from './records';
import { useStore, type Store } from './StoreContext';

/** A batch with every tap on it, in the order they were made. */
export interface Batch {
  book: string;
  id: string;
  author: string | null;
  container: string;
  startedAt: string;
  request: TreatRequest;
  answer: TreatResponse;
  /** The container of the kit it stands in; null when it is none of the kit's. */
  containerId: string | null;
  fromId: string | null;
  sourceId: string | null;
  taps: (Schema<'BatchEventRecord'> & { id: string })[];
}

/** Taps as the core is told of them. */
export function tapsOf(batch: Batch): Schema<'BatchTap'>[] {
  return batch.taps.map(({ kind, stepId, at, words, addedL, dose }) => ({
    kind,
    stepId,
    at,
    words,
    addedL,
    dose,
  }));
}

/** So many that may be running are looked at; the rest follows as they turn out to be over. */
const openAtOnce = 200;

/** Batches that may be running, the newest first; undefined while they are being read. */
export function useOpenBatches(): Batch[] | undefined {
  const { db } = useStore();
  return useLiveQuery(async () => {
    const open = await db.openBatches.reverse().limit(openAtOnce).toArray();
    const records = await db.records.bulkGet(open.map(({ book, id }) => [book, 'batch', id]));
    return withTaps(
      db,
      records.filter((record) => record !== undefined),
    );
  }, [db]);
}

/** These batches are over: they need not be looked at again until someone taps on them. */
export async function settle(db: LocalStore, ids: string[]): Promise<void> {
  if (ids.length > 0) await db.openBatches.bulkDelete(ids);
}

/** One batch by its id; null when there is none, undefined while it is being read. */
export function useBatch(id: string | undefined): Batch | null | undefined {
  const { db } = useStore();
  return useLiveQuery(async () => {
    if (id === undefined) return null;
    const record = await oneOf(db, 'batch', id);
    return record ? (await withTaps(db, [record]))[0] : null;
  }, [db, id]);
}

/** These batches, those of them that are here; undefined while they are being read. */
export function useBatchesById(ids: string[]): Batch[] | undefined {
  const { db } = useStore();
  const key = ids.join(' ');
  return useLiveQuery(async () => {
    return batchesOf(db, key === '' ? [] : key.split(' '));
  }, [db, key]);
}

/** Every batch, each with every tap. */
export async function allBatches(db: LocalStore): Promise<Batch[]> {
  return withTaps(db, await ofKind(db, 'batch').toArray());
}

/** These batches, each with every tap. */
export async function batchesOf(db: LocalStore, ids: string[]): Promise<Batch[]> {
  return withTaps(db, await withIds(db, 'batch', ids));
}

/** Every tap on these batches, in the order they were made. */
export function tapRecords(db: LocalStore, batches: string[]): Promise<LocalRecord[]> {
  return db.records
    .where('[kind+parent]')
    .anyOf(batches.map((id) => ['batch-event', id]))
    .sortBy('id');
}

async function withTaps(db: LocalStore, records: LocalRecord[]): Promise<Batch[]> {
  const taps = await tapRecords(
    db,
    records.map(({ id }) => id),
  );
  const tapsOn = new Map<string, LocalRecord[]>(records.map(({ id }) => [id, []]));
  for (const one of taps) tapsOn.get(one.parent ?? '')?.push(one);
  return records.map((record) => {
    const body = record.body as Bodies['batch'];
    return {
      book: record.book,
      id: record.id,
      author: record.author,
      container: body.container ?? '',
      startedAt: body.startedAt ?? '',
      request: body.request!,
      answer: body.answer!,
      containerId: body.containerId ?? null,
      fromId: body.fromId ?? null,
      sourceId: body.sourceId ?? null,
      taps: (tapsOn.get(record.id) ?? []).map((one) => ({
        id: one.id,
        ...(one.body as Bodies['batch-event']),
      })),
    };
  });
}

/** A batch about to be started. */
export interface NewBatch {
  container: string;
  containerId: string | null;
  sourceId: string | null;
  request: TreatRequest;
  answer: TreatResponse;
}

export async function startBatch(
  { db, sync }: Store,
  book: string,
  { container, containerId, sourceId, request, answer }: NewBatch,
): Promise<string> {
  const body = { container, containerId, sourceId, startedAt: request.startAt ?? null, request, answer };
  const id = await keep(db, 'batch', body, { book });
  sync.nudge();
  return id;
}

/** What a tap that tops up tells. */
type ToppedUp = Pick<Schema<'BatchEventRecord'>, 'words' | 'addedL' | 'dose'>;

/** One tap. When it could not be kept the screen has been told, and the step stays open. */
export async function tap(
  { db, sync }: Store,
  batch: Batch,
  kind: Schema<'BatchEventKind'>,
  stepId: string | null,
  { words = null, addedL = null, dose = null }: Partial<ToppedUp> = {},
): Promise<void> {
  const body = { batchId: batch.id, kind, stepId, at: new Date().toISOString(), words, addedL, dose };
  await keep(db, 'batch-event', body, { book: batch.book }).then(
    () => sync.nudge(),
    () => undefined,
  );
}

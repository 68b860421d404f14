import type { Schema } from '../../core/contract';
import { allBatches, batchesOf, type Batch } from '../batches';
import { withoutPhoto } from '../bookLines';
import type { LocalRecord, LocalStore } from '../db';
import { ofKind, type Bodies, type Kind } from '../records';
import type { Key } from './LogKeys';

/** Lines and batches as the core folds them. */
export interface Log {
  lines: Schema<'KeptLine'>[];
  batches: Schema<'KeptBatch'>[];
}

const logKinds: Kind[] = ['book-line', 'batch', 'batch-event'];

/** Whether a record is one of the log's. */
export const isOfLog = ([, kind]: Key) => logKinds.some((k) => k === kind);

/** Where every record of the log is: cheap to read, however much they hold. */
export async function logKeys(db: LocalStore): Promise<Key[]> {
  const kinds = await Promise.all(logKinds.map((kind) => ofKind(db, kind).primaryKeys()));
  return kinds.flat();
}

/** All of it; with the batches where they are read already. */
export async function wholeLog(db: LocalStore, read?: Batch[]): Promise<Log> {
  const [lines, batches] = await Promise.all([ofKind(db, 'book-line').toArray(), read ?? allBatches(db)]);
  return { lines: lines.map(keptLine), batches: batches.map(keptBatch) };
}

/** These records, with every tap on the batches among them, and the batch of every tap. */
export async function logOf(db: LocalStore, keys: Key[]): Promise<Log> {
  const records = (await db.records.bulkGet(keys)).filter((record) => record !== undefined);
  const touched = records.flatMap(({ kind, id, parent }) =>
    kind === 'batch' ? [id] : parent === undefined ? [] : [parent],
  );
  return {
    lines: records.filter(({ kind }) => kind === 'book-line').map(keptLine),
    batches: (await batchesOf(db, [...new Set(touched)])).map(keptBatch),
  };
}

function keptLine({ id, body }: LocalRecord): Schema<'KeptLine'> {
  return { id, line: told(withoutPhoto(body as Bodies['book-line'])) };
}

/** Without the fields that say nothing: it means the same, and the core reads a long log in two thirds of the time. */
function told<T extends object>(value: T): T {
  return Object.fromEntries(Object.entries(value).filter(([, field]) => field !== null)) as T;
}

/** A batch as the core folds it: what was started, in what, with every tap. */
function keptBatch({ id, startedAt, request, answer, ...batch }: Batch): Schema<'KeptBatch'> {
  return told({
    id,
    startedAt,
    method: answer.method,
    methodName: answer.methodName,
    volumeL: request.water?.volumeL ?? null,
    steps: answer.steps.map(told),
    containerId: batch.containerId,
    fromId: batch.fromId,
    sourceId: batch.sourceId,
    clarity: request.water?.clarity ?? null,
    shortOf: answer.shortOf,
    drinkWithinHours: answer.drinkWithinHours ?? null,
    use: told({
      doseUnits: answer.dose?.units ?? null,
      fuelG: answer.boil?.fuelG ?? null,
      meltG: answer.melt?.fuelG ?? null,
      meltStoveId: answer.melt?.stoveId ?? null,
      layeredL: answer.clearing?.throughId ? answer.clearing.collectL : null,
      layeredId: answer.clearing?.throughId ?? null,
      lampCycles: answer.lamp?.cycles ?? null,
    }),
    taps: batch.taps.map(({ id: tapId, kind, stepId, at, words, addedL, dose }) => ({
      id: tapId,
      tap: told({ kind, stepId, at, words, addedL, dose }),
    })),
  });
}

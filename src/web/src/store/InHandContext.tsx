import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { Response, Schema } from '../core/contract';
import { useNowMinute } from '../shared/useNow';
import { useAllBatches, type Batch } from './batches';
import { withoutPhoto } from './bookLines';
import { useFold, type Fold } from './inHand/useFold';
import { useSettings, useWholeKit } from './LocalDataContext';
import type { Kept } from './records';
import { useRecords } from './useRecords';

export type InHand = Response<'in-hand'>;
export type ContainerInHand = Schema<'ContainerInHand'>;

const Context = createContext<Fold>({ answer: undefined, isSettled: false });

/** What is in hand, worked out once for every room from the whole log. */
export function InHandProvider({ children }: { children: ReactNode }) {
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const kit = useWholeKit();
  const walkers = useRecords('walker');
  const sources = useRecords('trip-source');
  const lines = useRecords('book-line');
  const batches = useAllBatches();
  const request = useMemo(
    () =>
      walkers && sources && lines && batches
        ? {
            units,
            now,
            kit: kit.map(({ id, body }) => ({ id, item: body })),
            walkers: walkers.map(({ id, body }) => ({ id, name: body.name })),
            sources: sources.map(({ id, body }) => ({ id, source: body })),
            lines: lines.map(({ id, body }) => ({
              id,
              line: withoutPhoto(body),
            })),
            batches: batches.map(keptBatch),
          }
        : null,
    [units, now, kit, walkers, sources, lines, batches],
  );
  return <Context value={useFold(request)}>{children}</Context>;
}

/** What is in hand; undefined until it has been worked out. */
export function useInHand(): InHand | undefined {
  return useContext(Context).answer;
}

/** Whether what is in hand is known, or can't be: what hangs on it is drawn only then, so that nothing moves under a finger. */
export function useInHandSettled(): boolean {
  return useContext(Context).isSettled;
}

/** The kit as it is now, as the core is told of it: with what is left, and what is suspect. */
export function useKitEntries(): Schema<'KitEntry'>[] {
  const state = useInHand();
  const kit = useWholeKit();
  return useMemo(
    () =>
      (state?.kit ?? kit.map(({ id, body }): Schema<'KitEntry'> => ({ id, item: body }))).filter(
        ({ item }) => item?.retired !== true,
      ),
    [state, kit],
  );
}

/** The trip's sources as they are now: one found dry is dry at once. */
export function useSourcesNow(): Kept<'trip-source'>[] | undefined {
  const state = useInHand();
  const records = useRecords('trip-source');
  return useMemo(() => {
    const now = new Map(state?.tripSources.map(({ id, source }) => [id, source]));
    return records?.map((record) => ({ ...record, body: now.get(record.id) ?? record.body }));
  }, [state, records]);
}

/** A batch as the core folds it: what was started, in what, with every tap. */
function keptBatch({ id, startedAt, request, answer, ...batch }: Batch): Schema<'KeptBatch'> {
  return {
    id,
    startedAt,
    method: answer.method,
    methodName: answer.methodName,
    volumeL: request.water?.volumeL ?? null,
    steps: answer.steps,
    containerId: batch.containerId,
    fromId: batch.fromId,
    sourceId: batch.sourceId,
    clarity: request.water?.clarity ?? null,
    shortOf: answer.shortOf,
    drinkWithinHours: answer.drinkWithinHours ?? null,
    use: {
      doseUnits: answer.dose?.units ?? null,
      fuelG: answer.boil?.fuelG ?? null,
      lampCycles: answer.lamp?.cycles ?? null,
    },
    taps: batch.taps.map(({ id: tapId, kind, stepId, at, words, addedL }) => ({
      id: tapId,
      tap: { kind, stepId, at, words, addedL },
    })),
  };
}

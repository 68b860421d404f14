import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { Response, Schema } from '../core/contract';
import { useNowMinute } from '../shared/useNow';
import { useFold, type Fold } from './inHand/useFold';
import { useSettings, useWholeKit } from './LocalDataContext';
import type { Kept } from './records';
import { useDatedTrips } from './useDatedTrips';
import { useStore } from './StoreContext';
import { useCurrent, useRecords } from './useRecords';

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
  const trips = useDatedTrips(now);
  const { db } = useStore();
  const around = useMemo(
    () =>
      walkers && sources && trips
        ? {
            units,
            kit: kit.map(({ id, body }) => ({ id, item: body })),
            walkers: walkers.map(({ id, body }) => ({ id, name: body.name })),
            sources: sources.map(({ id, body }) => ({ id, source: body })),
            trips,
          }
        : null,
    [units, kit, walkers, sources, trips],
  );
  return <Context value={useFold(db, around, now)}>{children}</Context>;
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
  const records = useCurrent('trip-source');
  return useMemo(() => {
    const now = new Map(state?.tripSources.map(({ id, source }) => [id, source]));
    return records?.map((record) => ({ ...record, body: now.get(record.id) ?? record.body }));
  }, [state, records]);
}

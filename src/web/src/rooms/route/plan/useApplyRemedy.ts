import type { Schema } from '../../../core/contract';
import { keep } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { useTrip } from '../TripContext';
import { leftBeforehand, remediedRoute, remediedSource } from './remedied';

/** Puts a remedy into the route or its sources; the plan follows by itself. */
export function useApplyRemedy(): (remedy: Schema<'Remedy'>) => Promise<void> {
  const store = useStore();
  const { record, route, change, sources } = useTrip();

  return async (remedy) => {
    const [inRoute, inSource] = [remediedRoute(route, remedy), remediedSource(remedy)];
    const cache = leftBeforehand(remedy, record.id);
    const source = sources.find(({ id }) => id === remedy.sourceId);
    if (inRoute) change(inRoute);
    else if (inSource && source) await keep(store.db, 'trip-source', { ...source.body, ...inSource }, source);
    else if (cache) await keep(store.db, 'trip-source', cache, { book: record.book });
    else return;
    store.sync.nudge();
  };
}

import { useLiveQuery } from 'dexie-react-hooks';
import { all, type Kept } from './records';
import { useStore } from './StoreContext';

/** The loaded trip's sources in the order of the walk; undefined while they are being read. */
export function useTripSources(): Kept<'trip-source'>[] | undefined {
  const { db } = useStore();
  return useLiveQuery(async () => {
    const sources = await all(db, 'trip-source');
    return sources.sort((a, b) => (a.body.alongKm ?? 0) - (b.body.alongKm ?? 0));
  }, [db]);
}

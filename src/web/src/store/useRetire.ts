import { keep, type Bodies, type Kept } from './records';
import { useStore } from './StoreContext';

/** Takes a route or a source out of the lists, or puts it back. */
export function useRetire<K extends 'route' | 'trip-source'>(kind: K) {
  const store = useStore();
  return async (record: Kept<K>, retired: boolean): Promise<boolean> => {
    const body = { ...record.body, retired: retired ? true : null } as Bodies[K];
    const kept = await keep(store.db, kind, body, { id: record.id, book: record.book }).catch(() => null);
    if (kept !== null) store.sync.nudge();
    return kept !== null;
  };
}

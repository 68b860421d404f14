import { useLiveQuery } from 'dexie-react-hooks';
import { all, type Kept, type Kind } from './records';
import { useStore } from './StoreContext';

/** Every record of a kind in every book, oldest first; undefined while they are being read. */
export function useRecords<K extends Kind>(kind: K): Kept<K>[] | undefined {
  const { db } = useStore();
  return useLiveQuery(() => all(db, kind), [db, kind]);
}

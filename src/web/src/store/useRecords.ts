import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { all, type Kept, type Kind } from './records';
import { useStore } from './StoreContext';

/** Every record of a kind in every book, oldest first; undefined while they are being read. */
export function useRecords<K extends Kind>(kind: K): Kept<K>[] | undefined {
  const { db } = useStore();
  return useLiveQuery(() => all(db, kind), [db, kind]);
}

/** The routes or sources that are still there: what was taken out is left out, until it is put back. */
export function useCurrent<K extends 'route' | 'trip-source'>(kind: K): Kept<K>[] | undefined {
  const records = useRecords(kind);
  return useMemo(() => records?.filter(({ body }) => body.retired !== true), [records]);
}

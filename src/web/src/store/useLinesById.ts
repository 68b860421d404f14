import { useLiveQuery } from 'dexie-react-hooks';
import type { Line } from './bookLines';
import { kept, withIds } from './records';
import { useStore } from './StoreContext';

/** These lines of the book, those of them that are here; undefined while they are being read. Reads them alone, however long the book. */
export function useLinesById(ids: string[]): Line[] | undefined {
  const { db } = useStore();
  const key = ids.join(' ');
  return useLiveQuery(async () => {
    const found = await withIds(db, 'book-line', key.split(' '));
    return found.map((record) => kept<'book-line'>(record));
  }, [db, key]);
}

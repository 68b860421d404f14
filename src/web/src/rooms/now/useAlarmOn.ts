import { useLiveQuery } from 'dexie-react-hooks';
import { useStore } from '../../store/StoreContext';

const key = 'alarm';

/** Whether this device rings when a batch is ready; on until someone switches it off. */
export function useAlarmOn(): [boolean, (on: boolean) => void] {
  const { db } = useStore();
  const kept = useLiveQuery(async () => (await db.meta.get(key))?.value as boolean | undefined, [db]);
  return [kept ?? true, (on) => void db.meta.put({ key, value: on })];
}

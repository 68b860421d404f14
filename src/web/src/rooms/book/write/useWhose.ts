import { useLiveQuery } from 'dexie-react-hooks';
import { useStore } from '../../../store/StoreContext';
import { useRecords } from '../../../store/useRecords';

const key = 'write for';

/** Whose lines are written on this device: the walker chosen last, or the only one; null for the party. */
export function useWhose() {
  const { db } = useStore();
  const walkers = useRecords('walker') ?? [];
  const kept = useLiveQuery(async () => (await db.meta.get(key))?.value as string | undefined, [db]);
  const whose = walkers.find((w) => w.id === kept)?.id ?? (walkers.length === 1 ? walkers[0].id : null);
  return {
    walkers,
    whose: kept === 'party' ? null : whose,
    choose: (id: string | null) => void db.meta.put({ key, value: id ?? 'party' }),
  };
}

import { useCallback, useEffect, useState } from 'react';
import { useStore } from '../../../store/StoreContext';

export type Persistence = 'kept' | 'unasked' | 'refused' | 'unknown';

const askedKey = 'asked to keep';

/** Whether the browser promises to keep what is stored, how much that is, and the one time it is asked. */
export function usePersistence() {
  const { db } = useStore();
  const [state, setState] = useState<Persistence | null>(null);
  const [usedMb, setUsedMb] = useState<number | null>(null);

  const look = useCallback(async () => {
    if (!navigator.storage?.persisted) {
      setState('unknown');
      return;
    }
    const asked = (await db.meta.get(askedKey)) !== undefined;
    setState((await navigator.storage.persisted()) ? 'kept' : asked ? 'refused' : 'unasked');
    const { usage } = await navigator.storage.estimate();
    if (usage !== undefined) setUsedMb(Math.ceil(usage / 1e6));
  }, [db]);

  useEffect(() => {
    // Later, not while it is being drawn.
    void Promise.resolve().then(look);
  }, [look]);

  const ask = async () => {
    await navigator.storage.persist();
    await db.meta.put({ key: askedKey, value: true });
    await look();
  };
  return { state, usedMb, ask };
}

import { useSyncExternalStore } from 'react';
import { useStore } from './StoreContext';
import type { Link } from './sync/SyncLoop';

/** How the last word with the server went. */
export function useLink(): Link {
  const { sync } = useStore();
  return useSyncExternalStore(sync.subscribe, sync.getLink);
}

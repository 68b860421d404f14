import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { LoadingScreen } from '../shared/LoadingScreen';
import { api } from './api';
import { LocalStore } from './db';
import { SyncLoop } from './sync';

export interface Store {
  db: LocalStore;
  sync: SyncLoop;
  demo: boolean;
}

const Context = createContext<Store | null>(null);
const knownKey = 'jolly-brook-store';

interface Known {
  storeId: string;
  demo: boolean;
}

function open({ storeId, demo }: Known): Store {
  const db = new LocalStore(storeId);
  return { db, demo, sync: new SyncLoop(db) };
}

/** Opens the local store of the server's store: the one met last time at once, another as soon as the server says so. */
export function StoreProvider({ children }: { children: ReactNode }) {
  const [store, setStore] = useState<Store | null>(() => {
    const known = localStorage.getItem(knownKey);
    return known === null ? null : open(JSON.parse(known) as Known);
  });
  const [failure, setFailure] = useState<string | null>(null);

  useEffect(() => {
    let closed = false;
    const ask = async () => {
      try {
        const { data } = await api.GET('/api/about');
        if (closed || !data) return;
        localStorage.setItem(knownKey, JSON.stringify(data));
        setStore((now) => (now?.db.storeId === data.storeId ? now : open(data)));
      } catch {
        if (!closed)
          setFailure('The server does not answer, and this page has not met it before. Start it and reload.');
      }
    };
    void ask();
    return () => {
      closed = true;
    };
  }, []);

  useEffect(() => {
    store?.sync.start();
    return () => store?.sync.stop();
  }, [store]);

  if (store === null) return <LoadingScreen failure={failure} />;
  return <Context value={store}>{children}</Context>;
}

export function useStore(): Store {
  const store = useContext(Context);
  if (store === null) throw new Error('Outside the store');
  return store;
}

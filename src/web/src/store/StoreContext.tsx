import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useRef,
  useState,
  type ComponentType,
  type ReactNode,
} from 'react';
import { LoadingScreen } from '../shared/LoadingScreen';
import { hearFirst, type About, type BookCard, type Heard } from './api';
import { calculate } from '../core/core';
import { LocalStore } from './db';
import { failures } from '../shared/failures';
import { firstMeeting, type Missed } from './firstMeeting';
import { bringUp } from './recordSchema';
import { keepKnown, knownFrom, readKnown, readKnownSurely, type Known } from './known';
import { NotMetYet } from './NotMetYet';
import { SyncLoop } from './sync/SyncLoop';

export interface Store {
  db: LocalStore;
  sync: SyncLoop;
  demo: boolean;
  person: Known['person'];
  /** The person's own book, then their trips' books. */
  books: BookCard[];
  /** Forgets who is signed in here; their records stay on the device unless they are erased. */
  leave: (erase: boolean) => Promise<void>;
}

interface Opened {
  known: Known;
  db: LocalStore;
  sync: SyncLoop;
}

const Context = createContext<Store | null>(null);

interface Props {
  /** Stands before everything while nobody is signed in. */
  door: ComponentType<{ about: About; onIn: (about: About) => void }>;
  children: ReactNode;
}

/** Opens the local store of the person who was signed in last, at once; another as soon as the server says so. */
export function StoreProvider({ door: Door, children }: Props) {
  const [opened, setOpened] = useState<Opened | null>(() => {
    const known = readKnown();
    return known === null ? null : openedFor(known, null);
  });
  const [about, setAbout] = useState<About | null>(null);
  // What the first meeting heard, for the loop that goes on from there.
  const heardFirst = useRef<Heard | null>(null);
  const [missed, setMissed] = useState<Missed | null>(null);

  const take = useCallback((heard: About) => {
    setAbout(heard);
    setMissed(null);
    const known = knownFrom(heard);
    if (known === null) return;
    void keepKnown(known);
    setOpened((now) => openedFor(known, now));
  }, []);

  const isOpen = opened !== null;
  useEffect(() => {
    // Once a store is open, its own loop meets the server.
    if (isOpen) return;
    return firstMeeting({
      ask: hearFirst,
      met: (heard) => {
        // Before a sign-in it says that nobody is: the loop has to ask anew after one.
        heardFirst.current = heard.about.person === null ? null : heard;
        take(heard.about);
      },
      missed: (why) =>
        void readKnownSurely()
          .catch(() => null)
          .then((known) => {
            if (known === null) setMissed(why);
            else setOpened((now) => now ?? openedFor(known, null));
          }),
    });
  }, [isOpen, take]);

  useEffect(() => {
    const sync = opened?.sync;
    sync?.start(take, heardFirst.current);
    heardFirst.current = null;
    return () => sync?.stop();
  }, [opened?.sync, take]);

  const leave = useCallback(
    async (erase: boolean) => {
      opened?.sync.stop();
      await keepKnown(null);
      if (erase) await opened?.db.delete();
      setAbout(null);
      setOpened(null);
    },
    [opened],
  );

  if (opened === null) {
    if (about !== null && about.person === null) return <Door about={about} onIn={take} />;
    return missed === null ? <LoadingScreen /> : <NotMetYet missed={missed} />;
  }
  const { known, db, sync } = opened;
  return <Context value={{ ...known, db, sync, leave }}>{children}</Context>;
}

function openedFor(known: Known, now: Opened | null): Opened {
  if (now?.db.storeId === known.storeId && now.db.personId === known.person.id) {
    return JSON.stringify(now.known) === JSON.stringify(known) ? now : { ...now, known };
  }
  const db = new LocalStore(known.storeId, known.person.id);
  // Nothing is read before it is through.
  db.on('ready', (opening) =>
    // eslint-disable-next-line @typescript-eslint/no-unsafe-class-instance-assignment -- the same store, while it is being opened
    bringUp(opening as LocalStore, (request) => calculate('bring-up', request)).catch(() =>
      failures.tell(
        'What an earlier version of this page kept could not be read as it is written now. It stays on this device. Reload the page.',
      ),
    ),
  );
  return { known, db, sync: new SyncLoop(db) };
}

export function useStore(): Store {
  const store = useContext(Context);
  if (store === null) throw new Error('Outside the store');
  return store;
}

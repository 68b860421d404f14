import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { useCalculation, type Calculated } from '../../core/useCalculation';
import { useNowMinute } from '../../shared/useNow';
import { useSettings } from '../../store/LocalDataContext';
import type { Kept } from '../../store/records';
import { useInHand, useSourcesNow } from '../../store/InHandContext';
import { forgetLocal, keepLocal, readLocal } from '../../store/localSettings';
import { useStore } from '../../store/StoreContext';
import { useRecords } from '../../store/useRecords';
import { fresh, type Draft } from './draft';
import { toTriage } from './toTriage';

interface Scarce {
  draft: Draft;
  set: (part: Partial<Draft>) => void;
  isDefault: (field: keyof Draft) => boolean;
  reset: () => void;
  routes: Kept<'route'>[];
  walkers: Kept<'walker'>[];
  standing: Calculated<'water-short'>;
}

const Context = createContext<Scarce | null>(null);

/** What was entered when water is short, kept through a reload, and where that leaves the party. */
export function ScarceProvider({ children }: { children: ReactNode }) {
  const routes = useRecords('route');
  const sources = useSourcesNow();
  const walkers = useRecords('walker');
  const tests = useRecords('sweat-test');
  if (!routes || !sources || !walkers || !tests) return null;
  return (
    <Loaded routes={routes} sources={sources} walkers={walkers} tests={tests}>
      {children}
    </Loaded>
  );
}

interface LoadedProps {
  routes: Kept<'route'>[];
  sources: Kept<'trip-source'>[];
  walkers: Kept<'walker'>[];
  tests: Kept<'sweat-test'>[];
  children: ReactNode;
}

function Loaded({ routes, sources, walkers, tests, children }: LoadedProps) {
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const key = `jolly-brook-scarce-${useStore().db.storeId}`;
  const [entered, setEntered] = useState<Partial<Draft>>(() => readLocal<Partial<Draft>>(key) ?? {});
  useEffect(() => {
    if (Object.keys(entered).length === 0) forgetLocal(key);
    else keepLocal(key, entered);
  }, [key, entered]);

  const state = useInHand();
  const draft: Draft = {
    ...fresh,
    // What the log says is in hand need not be typed.
    inHandL: state?.drinkableL ?? fresh.inHandL,
    routeId: routes[0]?.id ?? null,
    ...entered,
  };
  const route = routes.find(({ id }) => id === draft.routeId);
  const standing = useCalculation(
    'water-short',
    toTriage(draft, { units, now, route, sources, walkers, tests }),
  );
  return (
    <Context
      value={{
        draft,
        set: (part) => setEntered((before) => ({ ...before, ...part })),
        isDefault: (field) => !(field in entered),
        reset: () => setEntered({}),
        routes,
        walkers: partyOf(route, walkers),
        standing,
      }}
    >
      {children}
    </Context>
  );
}

/** Who walks: those of the trip's book, or everyone. */
export function partyOf(route: Kept<'route'> | undefined, walkers: Kept<'walker'>[]): Kept<'walker'>[] {
  return route ? walkers.filter(({ book }) => book === route.book) : walkers;
}

export function useScarce(): Scarce {
  const scarce = useContext(Context);
  if (scarce === null) throw new Error('Outside the Scarce room');
  return scarce;
}

import type { Request } from '../../core/contract';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { partial } from 'valibot';
import { useCatalogue } from '../../store/CatalogueContext';
import { useCalculation, type Calculated } from '../../core/useCalculation';
import { useSettings } from '../../store/LocalDataContext';
import type { Kept } from '../../store/records';
import { useInHand } from '../../store/InHandContext';
import { enteredThing } from '../../shared/localThing';
import { usePlanNow } from '../../store/usePlanNow';
import { usePlace, type Place } from '../../store/usePlace';
import { useStore } from '../../store/StoreContext';
import { useCurrent, useRecords } from '../../store/useRecords';
import { usePartyWatch } from '../body/signs/usePartyWatch';
import { draftShape, freshDraft, type Draft } from './draft';
import { toTriage } from './toTriage';

interface Scarce {
  draft: Draft;
  set: (part: Partial<Draft>) => void;
  isDefault: (field: keyof Draft) => boolean;
  reset: () => void;
  /** Where the party was last on this trip; null where nothing tells. */
  place: Place | null;
  routes: Kept<'route'>[];
  walkers: Kept<'walker'>[];
  /** What is asked about where the party stands; null while the trip is being read. */
  asked: Request<'water-short'> | null;
  standing: Calculated<'water-short'>;
}

const Context = createContext<Scarce | null>(null);

const enteredIn = (storeId: string) =>
  enteredThing<Partial<Draft>>(`jolly-brook-scarce-${storeId}`, { version: 1, schema: partial(draftShape) });

/** What was entered when water is short, kept through a reload, and where that leaves the party. */
export function ScarceProvider({ children }: { children: ReactNode }) {
  const routes = useCurrent('route');
  const walkers = useRecords('walker');
  const tests = useRecords('sweat-test');
  if (!routes || !walkers || !tests) return null;
  return (
    <Loaded routes={routes} walkers={walkers} tests={tests}>
      {children}
    </Loaded>
  );
}

interface LoadedProps {
  routes: Kept<'route'>[];
  walkers: Kept<'walker'>[];
  tests: Kept<'sweat-test'>[];
  children: ReactNode;
}

function Loaded({ routes, walkers, tests, children }: LoadedProps) {
  const { units } = useSettings().settings;
  const fresh = freshDraft(useCatalogue().lists.scarce.defaults);
  const { storeId } = useStore().db;
  const [entered, setEntered] = useState<Partial<Draft>>(() => enteredIn(storeId).read() ?? {});
  useEffect(() => {
    if (Object.keys(entered).length === 0) enteredIn(storeId).forget();
    else enteredIn(storeId).keep(entered);
  }, [storeId, entered]);

  const state = useInHand();
  const { place: last, set: stand } = usePlace();
  // What the log says is in hand, and where the party was last, need not be typed.
  const known = routes.find(({ id }) => id === last?.routeId) ?? routes[0];
  const routeId = entered.routeId === undefined ? (known?.id ?? null) : entered.routeId;
  const place = last?.routeId === routeId ? last : null;
  const draft: Draft = {
    ...fresh,
    inHandL: state?.drinkableL ?? fresh.inHandL,
    alongKm: place?.km ?? fresh.alongKm,
    ...entered,
    routeId,
  };
  const set = (part: Partial<Draft>) => {
    const km = part.alongKm;
    // A place told here is the party's, in every room.
    if (typeof km === 'number' && routeId !== null)
      stand({ routeId, km, at: new Date().toISOString(), by: 'told when water was short' });
    setEntered((before) => {
      const { alongKm, ...rest } = { ...before, ...part };
      return typeof km === 'number' && routeId !== null
        ? rest
        : { ...rest, ...(alongKm !== undefined && { alongKm }) };
    });
  };
  const route = routes.find(({ id }) => id === draft.routeId);
  const walk = usePlanNow(route)?.now ?? null;
  const party = usePartyWatch()?.members.flatMap(({ watch }) => watch?.deficitPercent ?? []) ?? [];
  const deficitPercent = party.length === 0 ? null : Math.max(...party);
  // The trip is still being read.
  const asked =
    route && walk === null ? null : toTriage(draft, { units, walk, walkers, tests, deficitPercent });
  const standing = useCalculation('water-short', asked);
  return (
    <Context
      value={{
        draft,
        set,
        isDefault: (field) => !(field in entered) && !(field === 'alongKm' && place !== null),
        place,
        reset: () => setEntered({}),
        routes,
        walkers: partyOf(route, walkers),
        asked,
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

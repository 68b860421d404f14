import { useLiveQuery } from 'dexie-react-hooks';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { Schema } from '../core/contract';
import { Fetching } from './Fetching';
import { useFirstPull } from './useFirstPull';
import { untilChosen, type Settings } from './settings';
import { all, keep, type Kept } from './records';
import { useStore } from './StoreContext';

interface LocalData {
  settings: Settings;
  change: (part: Partial<Settings>) => Promise<void>;
  kit: Kept<'kit-item'>[];
}

const Context = createContext<LocalData | null>(null);

/**
 * Settings and kit, read together before anything is drawn: every room needs them. On a device that is new to the person they come with the
 * first pull: an empty book and an empty kit would be told of one that has both.
 */
export function LocalDataProvider({ children }: { children: ReactNode }) {
  const { db, sync } = useStore();
  const read = useLiveQuery(async () => {
    const [settings, kit, met] = await Promise.all([
      // One a person, so that two devices change the same one.
      db.records.get([db.personId, 'settings', db.personId]),
      all(db, 'kit-item'),
      db.meta.get('met'),
    ]);
    return {
      chosen: settings?.body as Schema<'PersonSettings'> | undefined,
      kit,
      hasMet: met !== undefined,
    };
  }, [db]);
  const value = useMemo<LocalData | null>(() => {
    if (read === undefined) return null;
    const { kit } = read;
    const chosen = Object.fromEntries(Object.entries(read.chosen ?? {}).filter(([, v]) => v !== null));
    const settings = { ...untilChosen, ...chosen };
    return {
      settings,
      kit,
      change: async (part) => {
        await keep(db, 'settings', { ...settings, ...part }, { id: db.personId }).then(
          () => sync.nudge(),
          () => undefined,
        );
      },
    };
  }, [read, db, sync]);
  const { isAwaited, goOn } = useFirstPull(read?.hasMet);
  if (isAwaited) return <Fetching onGoOn={goOn} />;
  if (value === null) return null;
  return <Context value={value}>{children}</Context>;
}

function useLocalData(): LocalData {
  const data = useContext(Context);
  if (data === null) throw new Error('Outside the local data');
  return data;
}

export function useSettings(): Pick<LocalData, 'settings' | 'change'> {
  return useLocalData();
}

/** Everything carried, oldest entry first. */
export function useKit(): Kept<'kit-item'>[] {
  const { kit } = useLocalData();
  return useMemo(() => kit.filter((item) => item.body.retired !== true), [kit]);
}

/** Everything carried or once carried, oldest entry first. */
export function useWholeKit(): Kept<'kit-item'>[] {
  return useLocalData().kit;
}

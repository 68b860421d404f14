import { useLiveQuery } from 'dexie-react-hooks';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { Schema } from '../core/contract';
import { all, keep } from './records';
import { useStore } from './StoreContext';

/** What one person chose, with nothing left out. */
export interface Settings {
  units: NonNullable<Schema<'UnitSystem'>>;
  theme: NonNullable<Schema<'ScreenTheme'>>;
  countViruses: boolean;
  shortcuts: boolean;
}

const untilChosen: Settings = { units: 'metric', theme: 'paper', countViruses: true, shortcuts: true };

interface SettingsStore {
  settings: Settings;
  change: (part: Partial<Settings>) => Promise<void>;
}

const Context = createContext<SettingsStore | null>(null);

export function SettingsProvider({ children }: { children: ReactNode }) {
  const { db, sync } = useStore();
  const kept = useLiveQuery(async () => (await all(db, 'settings')).at(-1) ?? null, [db]);
  const value = useMemo<SettingsStore | null>(() => {
    if (kept === undefined) return null;
    const chosen = Object.fromEntries(Object.entries(kept?.body ?? {}).filter(([, v]) => v !== null));
    const settings = { ...untilChosen, ...chosen };
    return {
      settings,
      change: async (part) => {
        await keep(db, 'settings', { ...settings, ...part }, kept?.id);
        sync.nudge();
      },
    };
  }, [kept, db, sync]);
  if (value === null) return null;
  return <Context value={value}>{children}</Context>;
}

export function useSettings(): SettingsStore {
  const store = useContext(Context);
  if (store === null) throw new Error('Outside the settings');
  return store;
}

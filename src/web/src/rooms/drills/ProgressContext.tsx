import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { Schema } from '../../core/contract';
import { useCalculation, type Calculated } from '../../core/useCalculation';
import { localInstant } from '../../shared/time';
import { useNowMinute } from '../../shared/useNow';
import { keep } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import { useRecords } from '../../store/useRecords';

interface Standing {
  progress: Calculated<'drill-progress'>;
  /** Writes down a drill or a question that was done. */
  write: (result: Omit<Schema<'DrillResult'>, 'at'>) => Promise<void>;
}

const Context = createContext<Standing | null>(null);

/** How the learner stands, from every drill and question done on any of their devices. */
export function ProgressProvider({ children }: { children: ReactNode }) {
  const { db, sync } = useStore();
  const results = useRecords('drill-result');
  // Whole hours: what is due turns by the day.
  const hour = useNowMinute().slice(0, 13);
  const now = useMemo(() => localInstant(new Date(`${hour}:59:59Z`)), [hour]);
  const progress = useCalculation(
    'drill-progress',
    results ? { results: results.map(({ body }) => body), now } : null,
  );
  const write = async (result: Omit<Schema<'DrillResult'>, 'at'>) => {
    await keep(db, 'drill-result', { ...result, at: localInstant(new Date()) }).then(
      () => sync.nudge(),
      () => undefined,
    );
  };
  return <Context value={{ progress, write }}>{children}</Context>;
}

export function useStanding(): Standing {
  const standing = useContext(Context);
  if (standing === null) throw new Error('Outside the drills');
  return standing;
}

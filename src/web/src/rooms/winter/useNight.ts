import { useEffect, useState } from 'react';
import type { Schema } from '../../core/contract';
import { keepLocal, readLocal } from '../../store/localSettings';
import { useStore } from '../../store/StoreContext';

export type Night = Schema<'WinterNight'>;

/** What was told of one evening's night, kept on this device. */
export function useNight(evening: string) {
  const key = `jolly-brook-winter-${useStore().db.storeId}-${evening}`;
  const [night, setNight] = useState<Night>(() => readLocal<Night>(key) ?? {});
  useEffect(() => {
    if (Object.keys(night).length > 0) keepLocal(key, night);
  }, [key, night]);
  return { night, tell: (part: Partial<Night>) => setNight((before) => ({ ...before, ...part })) };
}

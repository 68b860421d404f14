import { useEffect, useState } from 'react';
import type { Schema } from '../../core/contract';
import { requestPart } from '../../shared/entered';
import { enteredThing } from '../../shared/localThing';
import { useStore } from '../../store/StoreContext';

export type Night = Schema<'WinterNight'>;

const nightOf = (storeId: string, evening: string) =>
  enteredThing<Night>(`jolly-brook-winter-${storeId}-${evening}`, {
    version: 1,
    schema: requestPart<Night>(),
  });

/** What was told of one evening's night, kept on this device. */
export function useNight(evening: string) {
  const { storeId } = useStore().db;
  const [night, setNight] = useState<Night>(() => nightOf(storeId, evening).read() ?? {});
  useEffect(() => {
    if (Object.keys(night).length > 0) nightOf(storeId, evening).keep(night);
  }, [storeId, evening, night]);
  return { night, tell: (part: Partial<Night>) => setNight((before) => ({ ...before, ...part })) };
}

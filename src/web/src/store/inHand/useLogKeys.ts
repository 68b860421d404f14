import Dexie, { RangeSet, type IntervalTree } from 'dexie';
import { useEffect, useState } from 'react';
import type { LocalStore } from '../db';
import { isOfLog, logKeys } from './log';
import { LogKeys, type Key } from './LogKeys';

type Parts = Record<string, IntervalTree | undefined>;

/**
 * Where every record of the log is, as it changes; undefined until it has been read. A live query over as many keys would spend a
 * second on what it watches: here only what a write touched is looked at again.
 */
export function useLogKeys(db: LocalStore): { keys: LogKeys } | undefined {
  const [shown, setShown] = useState<{ keys: LogKeys }>();
  useEffect(() => {
    let over = false;
    const keys = new LogKeys();
    const show = () => {
      // Another object each time, or nothing would hear of it.
      if (!over) setShown({ keys });
    };
    const readAll = async () => {
      keys.replace(await logKeys(db));
      show();
    };
    // One after another, so that what was read last is what is known.
    let turn = readAll();
    const look = async (touched: Key[] | null) => {
      if (touched === null) return readAll();
      const found = await db.records.bulkGet(touched);
      touched.forEach((key, n) => {
        keys.touch(key, found[n] !== undefined);
      });
      show();
    };
    const heard = (parts: Parts) => {
      const touched = touchedIn(parts[`idb://${db.name}/records/`]);
      if (touched?.length === 0) return;
      turn = turn.then(() => look(touched)).catch(() => undefined);
    };
    Dexie.on('storagemutated', heard);
    return () => {
      over = true;
      Dexie.on.storagemutated.unsubscribe(heard);
    };
  }, [db]);
  return shown;
}

/** The keys of the log among what was touched; null where it was more than single records. */
function touchedIn(tree: IntervalTree | undefined): Key[] | null {
  if (tree === undefined) return [];
  const touched: Key[] = [];
  for (const { from, to } of RangeSet(tree)) {
    if (!Array.isArray(from) || JSON.stringify(from) !== JSON.stringify(to)) return null;
    if (isOfLog(from as unknown as Key)) touched.push(from as unknown as Key);
  }
  return touched;
}

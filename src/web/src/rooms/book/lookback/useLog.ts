import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import type { Schema } from '../../../core/contract';
import { allBatches } from '../../../store/batches';
import { wholeLog } from '../../../store/inHand/log';
import { useSettings, useWholeKit } from '../../../store/LocalDataContext';
import { useStore } from '../../../store/StoreContext';

/** The whole log with the kit it is about, and what was reached with each batch; undefined while it is being read. */
export function useLog() {
  const { db } = useStore();
  const { units } = useSettings().settings;
  const kit = useWholeKit();
  const told = useLiveQuery(async () => {
    const batches = await allBatches(db);
    return { log: await wholeLog(db, batches), batches };
  }, [db]);
  return useMemo(
    () =>
      told && {
        log: { units, now: null, kit: kit.map(({ id, body }) => ({ id, item: body })), ...told.log },
        ledgers: told.batches.map(({ id, container, answer }): Schema<'BatchLedger'> => ({
          id,
          container,
          drinkableAt: answer.drinkableAt ?? null,
          ledger: answer.ledger.map(({ organism, totalLogs }) => ({ organism, logs: totalLogs })),
        })),
      },
    [units, kit, told],
  );
}

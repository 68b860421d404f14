import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import type { Schema } from '../../../core/contract';
import { useAllBatches } from '../../../store/batches';
import { wholeLog } from '../../../store/inHand/log';
import { useSettings, useWholeKit } from '../../../store/LocalDataContext';
import { useStore } from '../../../store/StoreContext';

/** The whole log with the kit it is about, and what was reached with each batch; undefined while it is being read. */
export function useLog() {
  const { db } = useStore();
  const { units } = useSettings().settings;
  const kit = useWholeKit();
  const log = useLiveQuery(() => wholeLog(db), [db]);
  const batches = useAllBatches();
  return useMemo(
    () =>
      log &&
      batches && {
        log: { units, now: null, kit: kit.map(({ id, body }) => ({ id, item: body })), ...log },
        ledgers: batches.map(({ id, container, answer }): Schema<'BatchLedger'> => ({
          id,
          container,
          drinkableAt: answer.drinkableAt ?? null,
          ledger: answer.ledger.map(({ organism, totalLogs }) => ({ organism, logs: totalLogs })),
        })),
      },
    [units, kit, log, batches],
  );
}

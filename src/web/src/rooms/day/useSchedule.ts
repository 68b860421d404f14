import { useMemo } from 'react';
import type { Request, Schema } from '../../core/contract';
import { useCalculation } from '../../core/useCalculation';
import { useNowMinute } from '../../shared/useNow';
import { tapsOf, useBatchesById, type Batch } from '../../store/batches';
import { useInHand } from '../../store/InHandContext';
import { useSettings } from '../../store/LocalDataContext';

/** A day's clock line, reckoned anew as its wants, its kit, its batches or the time change. */
export function useSchedule(day: Schema<'DayBook'>, kit: Schema<'KitEntry'>[]) {
  const { units, countViruses } = useSettings().settings;
  const now = useNowMinute();
  const started = (day.started ?? []).flatMap((s) => (s.batchId ? [s.batchId] : []));
  const batches = useBatchesById(started);
  // What stands in a container matters once the day has begun; before it, it will have been drunk.
  const containers = useInHand()?.containers;
  const isNow = Date.parse(day.from ?? '') <= Date.parse(now);
  const request = useMemo<Request<'schedule'> | null>(() => {
    if (!batches) return null;
    return {
      units,
      countViruses,
      kit,
      water: day.water ?? null,
      snow: day.snow ?? null,
      sky: day.sky ?? null,
      wants: day.wants,
      people: day.people,
      from: day.from,
      quietFromHour: day.quietFromHour ?? null,
      quietToHour: day.quietToHour ?? null,
      edits: day.edits ?? null,
      begun: (day.started ?? []).flatMap((s) => {
        const batch = batches.find((b) => b.id === s.batchId);
        return batch ? [begunOf(s, batch)] : [];
      }),
      now,
      inUse: isNow ? (containers ?? []).filter(({ litres }) => litres > 0).map(({ id }) => id) : null,
    };
  }, [batches, units, countViruses, kit, day, now, containers, isNow]);
  return useCalculation('schedule', request);
}

function begunOf(started: Schema<'StartedBatch'>, batch: Batch): Schema<'BegunBatch'> {
  return {
    key: started.key,
    startedAt: batch.startedAt,
    plannedReadyAt: started.plannedReadyAt,
    steps: batch.answer.steps,
    taps: tapsOf(batch),
    containerId: batch.containerId,
    treat: batch.request,
  };
}

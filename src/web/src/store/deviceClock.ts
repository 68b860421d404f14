import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import type { Request, Schema } from '../core/contract';
import { calculate } from '../core/core';
import { changeSeen, readSeen } from './seenClock';
import { useStore } from './StoreContext';

const tickMs = 5_000;

/** Watches the clock against the page's own stopwatch, which a changed clock does not move. */
export function useClockWatch() {
  const { db } = useStore();
  useEffect(() => {
    let [clock, stopwatch] = [Date.now(), performance.now()];
    const tick = async () => {
      const [nowClock, nowStopwatch] = [Date.now(), performance.now()];
      const drift = (nowClock - clock - (nowStopwatch - stopwatch)) / 1000;
      [clock, stopwatch] = [nowClock, nowStopwatch];
      await changeSeen(db, (seen) => ({
        ...seen,
        latest: Math.max(seen.latest ?? 0, nowClock),
        jump: Math.abs(drift) > 1 ? (seen.jump ?? 0) + drift : seen.jump,
      }));
    };
    void tick();
    const timer = setInterval(() => void tick(), tickMs);
    return () => clearInterval(timer);
  }, [db]);
}

/** What is to be minded about this device's clock, by the core. */
export function useClockCautions(waitRunning: boolean): Schema<'Caution'>[] {
  const { db } = useStore();
  const seen = useLiveQuery(() => readSeen(db), [db]);
  const [cautions, setCautions] = useState<Schema<'Caution'>[]>([]);
  useEffect(() => {
    if (!seen) return;
    let overtaken = false;
    const request: Request<'device-clock'> = {
      now: new Date().toISOString(),
      latestSeen: seen.latest === null ? null : new Date(seen.latest).toISOString(),
      serverAheadSeconds: seen.ahead,
      serverAheadBeforeSeconds: seen.aheadBefore,
      jumpSeconds: seen.jump,
      waitRunning,
    };
    calculate('device-clock', request).then(
      (outcome) => !overtaken && outcome.ok && setCautions(outcome.response.cautions),
      () => undefined,
    );
    return () => {
      overtaken = true;
    };
  }, [seen, waitRunning]);
  return cautions;
}

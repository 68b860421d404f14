import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import type { Request, Schema } from '../core/contract';
import { calculate } from '../core/core';
import type { LocalStore } from './db';
import { useStore } from './StoreContext';

const tickMs = 5_000;

/** What has been seen of this device's clock, kept through restarts. */
interface Seen {
  /** The latest instant it has shown, ms. */
  latest: number | null;
  /** How far the server's clock was ahead, s, by the last meeting, and by the one the device started the day with. */
  ahead: number | null;
  aheadBefore: number | null;
  /** How much further the clock went than the page's stopwatch since the last meeting, s. */
  jump: number | null;
}

const nothingSeen: Seen = { latest: null, ahead: null, aheadBefore: null, jump: null };
const key = 'clock';

async function readSeen(db: LocalStore): Promise<Seen> {
  return { ...nothingSeen, ...((await db.meta.get(key))?.value as Partial<Seen> | undefined) };
}

/** Takes the server's clock in: it settles whether a jump was sleep, and by how much the device's clock was changed. */
export async function noteServerTime(
  db: LocalStore,
  serverTime: string,
  askedMs: number,
  answeredMs: number,
) {
  const ahead = (Date.parse(serverTime) - (askedMs + answeredMs) / 2) / 1000;
  const seen = await readSeen(db);
  await db.meta.put({
    key,
    value: { ...seen, ahead, aheadBefore: seen.aheadBefore ?? ahead, jump: null } satisfies Seen,
  });
}

/** The person has set it right, or knows: from here on the clock is measured anew. */
export async function trustClockFromHere(db: LocalStore) {
  const seen = await readSeen(db);
  await db.meta.put({
    key,
    value: { ...nothingSeen, latest: Date.now(), ahead: seen.ahead, aheadBefore: seen.ahead },
  });
}

/** Watches the clock against the page's own stopwatch, which a changed clock does not move. */
export function useClockWatch() {
  const { db } = useStore();
  useEffect(() => {
    let [clock, stopwatch] = [Date.now(), performance.now()];
    const tick = async () => {
      const [nowClock, nowStopwatch] = [Date.now(), performance.now()];
      const drift = (nowClock - clock - (nowStopwatch - stopwatch)) / 1000;
      [clock, stopwatch] = [nowClock, nowStopwatch];
      const seen = await readSeen(db);
      const jump = Math.abs(drift) > 1 ? (seen.jump ?? 0) + drift : seen.jump;
      const latest = Math.max(seen.latest ?? 0, nowClock);
      await db.meta.put({ key, value: { ...seen, latest, jump } satisfies Seen });
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

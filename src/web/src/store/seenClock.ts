import type { LocalStore } from './db';

/** What has been seen of this device's clock, kept through restarts. */
export interface Seen {
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

export async function readSeen(db: LocalStore): Promise<Seen> {
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
  await changeSeen(db, (seen) => ({ ...seen, ahead, aheadBefore: seen.aheadBefore ?? ahead, jump: null }));
}

/** The person has set it right, or knows: from here on the clock is measured anew. */
export async function trustClockFromHere(db: LocalStore) {
  await changeSeen(db, ({ ahead }) => ({ ...nothingSeen, latest: Date.now(), ahead, aheadBefore: ahead }));
}

/** Changes what was seen, as one step: the watch and the server's answer come at any time, and neither may undo the other. */
export const changeSeen = (db: LocalStore, change: (seen: Seen) => Seen) =>
  db.transaction('rw', db.meta, async () => {
    await db.meta.put({ key, value: change(await readSeen(db)) });
  });

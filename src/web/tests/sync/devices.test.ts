import { afterAll, beforeAll, expect, test } from 'vitest';
import { Device } from './Device';
import { History } from './History';
import { Random } from './Random';
import { TestServer } from './TestServer';

const server = new TestServer();
/** A short form with every test run; JOLLY_BROOK_HISTORIES asks for more. */
const histories = Number(process.env.JOLLY_BROOK_HISTORIES ?? 24);
const perRound = 12;
const seed = 20_260_821;

let owner: Device;

beforeAll(async () => {
  await server.start();
  owner = new Device(server, 'owner');
  await owner.account('owner', { name: 'Sorrel' });
});
afterAll(() => server.end());

/** Three devices, two people, a trip; restores, removals, conflicts, clocks, cleared storage and an older page: nothing is lost. */
test(
  `${histories} random histories lose nothing`,
  async () => {
    const random = new Random(seed);
    for (let from = 0; from < histories; from += perRound) {
      const round: History[] = [];
      for (let n = from; n < Math.min(from + perRound, histories); n++) {
        round.push(await History.begin(server, owner, n, seed + n * 7919));
      }
      const each = (run: (history: History) => Promise<void>) => Promise.all(round.map(run));
      await each((h) => h.goOn(12));
      const backup = server.backup();
      await each((h) => h.goOn(12));
      await (random.chance(0.5) ? server.restore(backup) : server.restoreByHand(backup));
      await each((h) => h.restored());
      await each((h) => h.goOn(12));
      const faults = (await Promise.all(round.map((h) => h.end()))).filter((fault) => fault !== null);
      expect(faults).toEqual([]);
    }
  },
  Math.max(1_800_000, histories * 6_000),
);

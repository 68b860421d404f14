import { v7 as newId } from 'uuid';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { keep, keepMany } from '../../src/store/records';
import { Device } from './Device';
import { TestServer } from './TestServer';

const server = new TestServer();
let owner: Device;

beforeAll(async () => {
  await server.start();
  owner = new Device(server, 'phone');
  await owner.account('owner', { name: 'Ilva' });
});
afterAll(() => server.end());

const tap = (stepId: string) => ({
  batchId: newId(),
  kind: 'done' as const,
  stepId,
  at: new Date().toISOString(),
  words: null,
});

/** Ten thousand lines written out of reach go up by the hundred, not one by one. */
test('two thousand unsent lines are sent in few requests', async () => {
  let requests = 0;
  owner.mishap = () => {
    requests++;
    return 'none';
  };
  await keepMany(
    owner.db,
    'walker' as never,
    Array.from({ length: 2_000 }, (_, n) => walker(`Walker ${n}`)) as never,
  );
  expect(await owner.sync()).toBe(true);
  expect(await owner.db.outbox.count()).toBe(0);
  expect(requests).toBeLessThan(30);
});

/** A record the server can't take is set aside with its reason; what comes after it is sent. */
test('one bad record does not stop the rest', async () => {
  const bad = await keep(owner.db, 'kit-item', { kind: 'container', name: '', volumeL: -1 } as never);
  await keep(owner.db, 'batch-event', tap('after') as never);
  expect(await owner.sync()).toBe(true);
  const left = await owner.db.outbox.toArray();
  expect(left.map(({ id, state }) => [id, state])).toEqual([[bad, 'refused']]);
  await owner.db.outbox.clear();
  await owner.db.records.delete([owner.db.personId, 'kit-item', bad]);
});

/** A hotel's sign-in page, a swallowed request, an answer that never came back: nothing is refused, and nothing is there twice. */
test.each(['hotel', 'lost', 'answerLost'] as const)('%s settles nothing', async (mishap) => {
  const id = await keep(owner.db, 'batch-event', tap(mishap) as never);
  let n = 0;
  owner.mishap = () => (++n > 2 ? mishap : 'none');
  expect(await owner.sync()).toBe(false);
  expect((await owner.db.outbox.toArray()).map(({ state }) => state)).toEqual(['waiting']);
  owner.mishap = () => 'none';
  expect(await owner.sync()).toBe(true);
  expect(await owner.db.outbox.count()).toBe(0);
  const { data } = await owner.link.api.GET('/api/books/{book}/records/{kind}/{id}', {
    params: { path: { book: owner.db.personId, kind: 'batch-event', id } },
  });
  expect(data?.id).toBe(id);
});

function walker(name: string) {
  return { name, massKg: 60, heightCm: 170, acclimatised: true, worn: 'shortsAndShirt', packKg: 10 };
}

import { beforeEach, expect, test, vi } from 'vitest';
import { CoreWorker } from '../../src/core/CoreWorker';

/** A worker whose replies are made by hand. */
class FakeWorker {
  static all: FakeWorker[] = [];
  readonly posted: { id: number; name: string; request: string }[] = [];
  isEnded = false;
  onmessage: ((message: { data: object }) => void) | null = null;
  onerror: ((event: { message: string }) => void) | null = null;
  constructor() {
    FakeWorker.all.push(this);
  }
  postMessage = (job: { id: number; name: string; request: string }) => this.posted.push(job);
  terminate = () => {
    this.isEnded = true;
  };
  reply = (data: object) => this.onmessage?.({ data });
}

beforeEach(() => {
  FakeWorker.all = [];
  vi.stubGlobal('Worker', FakeWorker);
});

test('one worker answers all, each answer to the one who asked, in whatever order', async () => {
  const core = new CoreWorker();
  const [plan, treat] = [core.ask('plan', '{"a":1}'), core.ask('treat', '{"b":2}')];
  expect(FakeWorker.all).toHaveLength(1);
  const [worker] = FakeWorker.all;
  expect(worker.posted.map(({ name, request }) => [name, request])).toEqual([
    ['plan', '{"a":1}'],
    ['treat', '{"b":2}'],
  ]);
  worker.reply({ id: worker.posted[1].id, outcome: 'second' });
  worker.reply({ id: worker.posted[0].id, outcome: 'first' });
  expect(await treat).toBe('second');
  expect(await plan).toBe('first');
});

test('a calculation that fails fails for who asked it alone', async () => {
  const core = new CoreWorker();
  const [bad, good, mute] = [core.ask('plan', ''), core.ask('treat', ''), core.ask('judge', '')];
  const [worker] = FakeWorker.all;
  worker.reply({ id: worker.posted[0].id, failure: 'out of memory' });
  worker.reply({ id: worker.posted[1].id, outcome: '{}' });
  worker.reply({ id: worker.posted[2].id });
  await expect(bad).rejects.toThrow('out of memory');
  expect(await good).toBe('{}');
  await expect(mute).rejects.toThrow('The core did not answer.');
});

test('a core that breaks fails all who wait, and the next one to ask starts another', async () => {
  const core = new CoreWorker();
  const waiting = [core.ask('plan', ''), core.ask('treat', '')];
  FakeWorker.all[0].onerror?.({ message: 'could not be loaded' });
  for (const one of waiting) await expect(one).rejects.toThrow('could not be loaded');
  const again = core.ask('plan', '');
  expect(FakeWorker.all).toHaveLength(2);
  FakeWorker.all[1].reply({ id: FakeWorker.all[1].posted[0].id, outcome: '{}' });
  expect(await again).toBe('{}');
});

test('ended, nobody is answered any more and the worker is gone', () => {
  const core = new CoreWorker();
  let settled = false;
  const settle = () => {
    settled = true;
  };
  void core.ask('plan', '').then(settle, settle);
  const [worker] = FakeWorker.all;
  core.end();
  expect(worker.isEnded).toBe(true);
  expect(() => worker.reply({ id: worker.posted[0].id, outcome: '{}' })).not.toThrow();
  expect(settled).toBe(false);
  expect(core.start()).not.toBe(worker);
});

test('a core that could not start is tried anew by the next to ask, and still answers those who asked it', async () => {
  const core = new CoreWorker();
  const both = [core.ask('plan', ''), core.ask('treat', '')];
  const [dead] = FakeWorker.all;
  for (const { id } of dead.posted) dead.reply({ id, failure: 'file not found', hasStarted: false });
  for (const one of both) await expect(one).rejects.toThrow('file not found');
  void core.ask('plan', '').catch(() => undefined);
  expect(FakeWorker.all).toHaveLength(2);
  // A failure of one calculation is none of the core.
  FakeWorker.all[1].reply({ id: FakeWorker.all[1].posted[0].id, failure: 'out of memory', hasStarted: true });
  void core.ask('treat', '').catch(() => undefined);
  expect(FakeWorker.all).toHaveLength(2);
});

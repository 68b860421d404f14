import { afterEach, beforeEach, expect, test, vi } from 'vitest';
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
  vi.useFakeTimers();
});

afterEach(() => vi.useRealTimers());

/** As long as a core that could not start is let rest. */
const rest = () => vi.advanceTimersByTime(5_000);

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

test('a core that breaks fails all who wait, and after a rest the next one to ask starts another', async () => {
  const core = new CoreWorker();
  const waiting = [core.ask('plan', ''), core.ask('treat', '')];
  FakeWorker.all[0].onerror?.({ message: 'could not be loaded' });
  for (const one of waiting) await expect(one).rejects.toThrow('could not be loaded');
  rest();
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

test('a core that could not start fails all who asked it and is gone, and after a rest is tried anew', async () => {
  const core = new CoreWorker();
  const both = [core.ask('plan', ''), core.ask('treat', '')];
  const [dead] = FakeWorker.all;
  dead.reply({ id: dead.posted[0].id, failure: 'file not found', hasStarted: false });
  dead.reply({ id: dead.posted[1].id, failure: 'file not found', hasStarted: false });
  for (const one of both) await expect(one).rejects.toThrow('file not found');
  expect(dead.isEnded).toBe(true);
  rest();
  void core.ask('plan', '').catch(() => undefined);
  expect(FakeWorker.all).toHaveLength(2);
  // A failure of one calculation is none of the core.
  FakeWorker.all[1].reply({ id: FakeWorker.all[1].posted[0].id, failure: 'out of memory', hasStarted: true });
  void core.ask('treat', '').catch(() => undefined);
  expect(FakeWorker.all).toHaveLength(2);
});

test('asked every second, a core that cannot start is loaded every five, and its reason told at once', async () => {
  const core = new CoreWorker();
  for (let second = 0; second < 60; second++) {
    const asked = core.ask('in-hand', `${second}`);
    const newest = FakeWorker.all.at(-1)!;
    if (!newest.isEnded)
      newest.reply({ id: newest.posted[0].id, failure: 'file not found', hasStarted: false });
    await expect(asked).rejects.toThrow('file not found');
    vi.advanceTimersByTime(1_000);
  }
  expect(FakeWorker.all).toHaveLength(12);
  expect(FakeWorker.all.every((worker) => worker.isEnded)).toBe(true);
});

test('what an ended worker still says of itself does not touch the one that took its place', async () => {
  const core = new CoreWorker();
  void core.ask('plan', '').catch(() => undefined);
  core.end();
  const asked = core.ask('plan', '');
  FakeWorker.all[0].onerror?.({ message: 'late' });
  FakeWorker.all[0].reply({ id: 1, failure: 'late', hasStarted: false });
  FakeWorker.all[1].reply({ id: FakeWorker.all[1].posted[0].id, outcome: '{}' });
  expect(await asked).toBe('{}');
});

import { afterEach, beforeEach, expect, test, vi } from 'vitest';

/** The core's worker, answered by hand. */
interface Asked {
  name: string;
  request: string;
  answer: (json: string) => void;
  fail: () => void;
}
let asked: Asked[] = [];

vi.mock('../../src/core/CoreWorker', () => ({
  CoreWorker: class {
    start() {
      return null;
    }
    ask(name: string, request: string) {
      return new Promise<string>((answer, reject) =>
        asked.push({ name, request, answer, fail: () => reject(new Error('no core')) }),
      );
    }
  },
}));

type Core = typeof import('../../src/core/core');
let core: Core;

const ok = (value: unknown) => JSON.stringify({ status: 200, body: value });
const request = (n: number) => ({ now: String(n) }) as never;

/** A server that answers when it is told to; each call is kept. */
class Server {
  readonly calls: {
    path: string;
    body: string;
    answer: (status: number, text: string) => void;
    fail: () => void;
  }[] = [];
  fetch = (path: string, { body, signal }: { body: string; signal?: AbortSignal }) =>
    new Promise((resolve, reject) => {
      signal?.addEventListener('abort', () => reject(signal.reason as Error));
      this.calls.push({
        path,
        body,
        answer: (status, text) => resolve({ status, text: () => Promise.resolve(text) }),
        fail: () => reject(new TypeError('no signal')),
      });
    });
}
let server: Server;

beforeEach(async () => {
  asked = [];
  server = new Server();
  vi.stubGlobal('fetch', server.fetch);
  vi.stubGlobal('navigator', { onLine: true });
  vi.useFakeTimers();
  vi.resetModules();
  core = await import('../../src/core/core');
});
afterEach(() => vi.useRealTimers());

/** Has the core answer once, so that it counts as started. */
async function started() {
  const first = core.calculate('device-clock', request(0));
  asked[0].answer(ok({}));
  server.calls[0].fail();
  await first;
  asked = [];
  server.calls.length = 0;
}

test('while the core starts, the sooner answer of core and server is taken', async () => {
  const byServer = core.calculate('device-clock', request(1));
  expect(server.calls[0].path).toBe('/api/calc/device-clock');
  expect(server.calls[0].body).toBe(JSON.stringify(request(1)));
  server.calls[0].answer(200, '{"cautions":[1]}');
  expect(await byServer).toEqual({ ok: true, response: { cautions: [1] } });

  const byCore = core.calculate('device-clock', request(2));
  asked[1].answer(ok({ cautions: [2] }));
  expect(await byCore).toEqual({ ok: true, response: { cautions: [2] } });
});

test('a server that is not there, or has signed the person out, says nothing: the core answers', async () => {
  const signedOut = core.calculate('device-clock', request(1));
  server.calls[0].answer(401, '{"title":"Sign in"}');
  asked[0].answer(ok({ cautions: [1] }));
  expect(await signedOut).toEqual({ ok: true, response: { cautions: [1] } });
});

test('a problem is told as one, from either', async () => {
  const problem = { title: 'Give the time.', errors: [] };
  const byServer = core.calculate('device-clock', request(1));
  server.calls[0].answer(400, JSON.stringify(problem));
  expect(await byServer).toEqual({ ok: false, problem });
  const byCore = core.calculate('device-clock', request(2));
  asked[1].answer(JSON.stringify({ status: 400, body: problem }));
  expect(await byCore).toEqual({ ok: false, problem });
});

test('where neither can answer, the core’s own reason is told, and the next one to ask tries again', async () => {
  const failing = core.calculate('device-clock', request(1));
  asked[0].fail();
  server.calls[0].fail();
  await expect(failing).rejects.toThrow('no core');
  const again = core.calculate('device-clock', request(1));
  asked[1].answer(ok({ cautions: [] }));
  expect(await again).toEqual({ ok: true, response: { cautions: [] } });
});

test('what the core has worked out once, the server is not asked any more', async () => {
  await started();
  const here = core.calculate('device-clock', request(1));
  asked[0].answer(ok({ cautions: [1] }));
  expect(await here).toEqual({ ok: true, response: { cautions: [1] } });
  expect(server.calls).toEqual([]);
});

test('the first of another kind takes the core long again, and the server may be sooner', async () => {
  await started();
  const treated = core.calculate('treat', request(1));
  server.calls[0].answer(200, '{"headline":"by the server"}');
  expect(await treated).toEqual({ ok: true, response: { headline: 'by the server' } });
  // Overtaken, the core has worked it out all the same.
  asked[0].answer(ok({ headline: 'by the core' }));
  await vi.advanceTimersByTimeAsync(0);
  void core.calculate('treat', request(2));
  expect(server.calls).toHaveLength(1);
});

test('without a signal, or where the server is of another build, only the core is asked', async () => {
  vi.stubGlobal('navigator', { onLine: false });
  void core.calculate('treat', request(1));
  vi.stubGlobal('navigator', { onLine: true });
  const { distrustServer } = await import('../../src/core/serverCore');
  distrustServer();
  void core.calculate('treat', request(2));
  expect(asked).toHaveLength(2);
  expect(server.calls).toEqual([]);
});

test('the same is not worked out twice, and after a dozen others it is', async () => {
  await started();
  const first = core.calculate('device-clock', request(1));
  expect(core.calculate('device-clock', request(1))).toBe(first);
  expect(asked).toHaveLength(1);
  for (let n = 2; n <= 12; n++) void core.calculate('device-clock', request(n));
  void core.calculate('device-clock', request(1));
  expect(asked).toHaveLength(12);
  void core.calculate('device-clock', request(13));
  void core.calculate('device-clock', request(1));
  expect(asked).toHaveLength(14);
});

test('an answer from an earlier visit stands at once, and the core is warmed up by it when it comes', async () => {
  core.recall('device-clock', request(1), { cautions: [1] } as never);
  expect(await core.calculate('device-clock', request(1))).toEqual({ ok: true, response: { cautions: [1] } });
  expect(asked).toEqual([]);
  core.startCore();
  void core.calculate('treat', request(2));
  asked[0].answer(ok({}));
  await vi.advanceTimersByTimeAsync(0);
  await core.bringCoreHere();
  expect(asked.map(({ name }) => name)).toEqual(['treat', 'device-clock']);
});

const log = { lines: 'x'.repeat(300_001) } as never;

test('a whole log goes to the server first, where there is signal', async () => {
  await started();
  const answer = core.calculate('in-hand', log);
  expect(asked).toEqual([]);
  server.calls[0].answer(200, '{"rawL":1}');
  expect(await answer).toEqual({ ok: true, response: { rawL: 1 } });
});

test('a server that keeps a log waiting is not waited for alone', async () => {
  await started();
  const answer = core.calculate('in-hand', log);
  await vi.advanceTimersByTimeAsync(1_400);
  expect(asked).toEqual([]);
  await vi.advanceTimersByTimeAsync(200);
  asked[0].answer(ok({ rawL: 2 }));
  expect(await answer).toEqual({ ok: true, response: { rawL: 2 } });
});

test('a server that fails leaves a log to the core at once, and without signal it is not asked', async () => {
  await started();
  const failing = core.calculate('in-hand', log);
  server.calls[0].fail();
  await vi.advanceTimersByTimeAsync(0);
  asked[0].answer(ok({ rawL: 3 }));
  expect(await failing).toEqual({ ok: true, response: { rawL: 3 } });

  vi.stubGlobal('navigator', { onLine: false });
  const offline = core.calculate('in-hand', { lines: 'y'.repeat(300_001) } as never);
  expect(server.calls).toHaveLength(1);
  asked[1].answer(ok({ rawL: 4 }));
  expect(await offline).toEqual({ ok: true, response: { rawL: 4 } });
});

test('a server that answered sooner does not make the core one that is here', async () => {
  const first = core.calculate('device-clock', request(1));
  server.calls[0].answer(200, '{}');
  await first;
  expect(core.coreIsHere.current()).toBe(false);
  asked[0].answer(ok({}));
  await vi.advanceTimersByTimeAsync(0);
  expect(core.coreIsHere.current()).toBe(true);
});

test('a core that is held back is left alone while the server answers, and then works out the same to be warm', async () => {
  core.holdCoreBack();
  for (const n of [1, 2]) {
    const told = core.calculate('treat', request(n));
    await vi.advanceTimersByTimeAsync(1_000);
    server.calls.at(-1)!.answer(200, `{"headline":"${n}"}`);
    expect(await told).toEqual({ ok: true, response: { headline: String(n) } });
  }
  void core.calculate('plan', request(3));
  expect(asked).toEqual([]);

  const here = core.bringCoreHere();
  expect(asked.map(({ name }) => name)).toEqual(['catalogue']);
  asked[0].answer(ok({}));
  await here;
  // The newest of each kind, and no whole walk.
  expect(asked.slice(1)).toMatchObject([{ name: 'treat', request: JSON.stringify(request(2)) }]);
  expect(core.coreIsHere.current()).toBe(true);
  await core.bringCoreHere();
  expect(asked).toHaveLength(2);
});

test('a core that is held back is asked as soon as the server fails, or is long about it', async () => {
  core.holdCoreBack();
  const failed = core.calculate('treat', request(1));
  server.calls[0].fail();
  await vi.advanceTimersByTimeAsync(0);
  asked[0].answer(ok({ headline: 'by the core' }));
  expect(await failed).toEqual({ ok: true, response: { headline: 'by the core' } });

  asked = [];
  core.holdCoreBack();
  await vi.advanceTimersByTimeAsync(10_000);
  void core.calculate('judge', request(2));
  await vi.advanceTimersByTimeAsync(1_400);
  expect(asked).toEqual([]);
  await vi.advanceTimersByTimeAsync(200);
  expect(asked.map(({ name }) => name)).toEqual(['judge']);
});

test('a core that can’t be had is tried again by the next to bring it here', async () => {
  const first = core.bringCoreHere();
  asked[0].fail();
  await expect(first).rejects.toThrow('no core');
  const again = core.bringCoreHere();
  asked[1].answer(ok({}));
  await again;
  expect(core.coreIsHere.current()).toBe(true);
});

test('that nothing can be worked out is told until something is', async () => {
  const { coreHealth } = await import('../../src/core/coreHealth');
  let told = 0;
  const stop = coreHealth.subscribe(() => told++);
  const failing = core.calculate('device-clock', request(1));
  server.calls[0].fail();
  asked[0].fail();
  await expect(failing).rejects.toThrow('no core');
  await vi.advanceTimersByTimeAsync(0);
  expect(coreHealth.current()).toBe('no core');

  const next = core.calculate('device-clock', request(2));
  asked[1].answer(ok({}));
  await next;
  await vi.advanceTimersByTimeAsync(0);
  expect(coreHealth.current()).toBeNull();
  expect(told).toBe(2);
  stop();
});

test('a plan that is given up is not worked out here, is no failure, and can be asked for again', async () => {
  const { Abandoned } = await import('../../src/core/Abandoned');
  const { coreHealth } = await import('../../src/core/coreHealth');
  const first = core.calculate('plan', request(1));
  const other = core.calculate('plan', request(2));
  core.abandon('plan', request(1));
  await expect(first).rejects.toBeInstanceOf(Abandoned);
  expect(coreHealth.current()).toBeNull();
  await vi.advanceTimersByTimeAsync(1_000);
  expect(asked.map((job) => job.request)).toEqual([JSON.stringify(request(2))]);
  const again = core.calculate('plan', request(1));
  server.calls[2].answer(200, '{"stops":[]}');
  expect(await again).toEqual({ ok: true, response: { stops: [] } });
  server.calls[1].answer(200, '{"stops":[2]}');
  expect(await other).toEqual({ ok: true, response: { stops: [2] } });
});

test('giving up what was answered, or never asked, changes nothing', async () => {
  const answered = core.calculate('plan', request(1));
  server.calls[0].answer(200, '{"stops":[]}');
  await answered;
  core.abandon('plan', request(1));
  core.abandon('plan', request(2));
  expect(await core.calculate('plan', request(1))).toEqual({ ok: true, response: { stops: [] } });
  expect(server.calls).toHaveLength(1);
});

import { afterEach, beforeEach, expect, test, vi } from 'vitest';

const fetched = vi.fn();

beforeEach(() => {
  vi.resetModules();
  vi.useFakeTimers();
  fetched.mockReset();
  vi.stubGlobal('fetch', fetched);
  vi.stubGlobal('navigator', { onLine: true });
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const fromServer = (ms: number, status = 200) =>
  fetched.mockImplementation(
    () =>
      new Promise((resolve) =>
        setTimeout(() => resolve({ status, text: () => Promise.resolve('"there"') }), ms),
      ),
  );

const isTrusted = async () => (await import('../../src/core/serverCore')).isServerTrusted();

async function ask(hereMs: number) {
  const { serverFirst } = await import('../../src/core/serverCore');
  const here = vi.fn(() => new Promise<string>((resolve) => setTimeout(() => resolve('here'), hereMs)));
  const asked = serverFirst('plan', '{}', here, 250);
  await vi.runAllTimersAsync();
  return { answer: await asked, wasAskedHere: here.mock.calls.length > 0 };
}

test('what the server answers soon is not worked out here as well', async () => {
  fromServer(100);
  expect(await ask(600)).toEqual({ answer: '{"status":200,"body":"there"}', wasAskedHere: false });
});

test('a server that keeps one waiting is overtaken, and not waited for again a while', async () => {
  fromServer(5_000);
  expect(await ask(600)).toEqual({ answer: 'here', wasAskedHere: true });
  expect(fetched).toHaveBeenCalledTimes(1);
  // The 5 s of its answer have gone by: longer than a hiccup is held against it.
  fromServer(10);
  expect((await ask(600)).wasAskedHere).toBe(false);
});

test('one that is overtaken again and again is left alone for longer each time, and trusted anew once it is soon', async () => {
  // Overtaken after 850 ms; the run of the timers ends with the server's own answer.
  const late = 900;
  const waits = [];
  for (let n = 0; n < 6; n++) {
    fromServer(late);
    expect((await ask(600)).answer).toBe('here');
    let waited = 0;
    while (!(await isTrusted())) {
      await vi.advanceTimersByTimeAsync(50);
      waited += 50;
    }
    waits.push(waited + late - 850);
  }
  expect(waits).toEqual([2_000, 4_000, 8_000, 16_000, 32_000, 32_000]);
  fromServer(10);
  expect((await ask(600)).wasAskedHere).toBe(false);
  fromServer(late);
  await ask(600);
  expect(await isTrusted()).toBe(false);
  await vi.advanceTimersByTimeAsync(2_000);
  expect(await isTrusted()).toBe(true);
});

test('a server of another build is not asked at all', async () => {
  fromServer(10);
  const { distrustServer } = await import('../../src/core/serverCore');
  distrustServer();
  expect(await ask(600)).toEqual({ answer: 'here', wasAskedHere: true });
  expect(fetched).not.toHaveBeenCalled();
});

test('a server that says it is of another build is not asked again, and the core here answers', async () => {
  fromServer(10, 412);
  expect(await ask(600)).toEqual({ answer: 'here', wasAskedHere: true });
  expect(fetched.mock.calls[0]).toMatchObject(['/api/calc/plan', { headers: { 'x-build': 'test' } }]);
  await vi.advanceTimersByTimeAsync(3_600_000);
  expect(await ask(600)).toEqual({ answer: 'here', wasAskedHere: true });
  expect(fetched).toHaveBeenCalledTimes(1);
});

test('one that is late is still taken where the core here is later, and asked first again', async () => {
  fromServer(400);
  expect((await ask(10_000)).answer).toContain('there');
  expect((await ask(10_000)).answer).toContain('there');
  expect(fetched).toHaveBeenCalledTimes(2);
});

test('signed out, unreachable or offline, the core here answers', async () => {
  fromServer(10, 401);
  expect(await ask(600)).toEqual({ answer: 'here', wasAskedHere: true });
  await vi.advanceTimersByTimeAsync(30_000);
  fetched.mockRejectedValue(new Error('no network'));
  expect(await ask(600)).toEqual({ answer: 'here', wasAskedHere: true });
  await vi.advanceTimersByTimeAsync(30_000);
  fetched.mockClear();
  vi.stubGlobal('navigator', { onLine: false });
  expect(await ask(600)).toEqual({ answer: 'here', wasAskedHere: true });
  expect(fetched).not.toHaveBeenCalled();
});

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
  expect(await ask(600)).toEqual({ answer: 'here', wasAskedHere: true });
  expect(fetched).toHaveBeenCalledTimes(1);
  await vi.advanceTimersByTimeAsync(30_000);
  fromServer(10);
  expect((await ask(600)).wasAskedHere).toBe(false);
});

test('a server of another build is not asked at all', async () => {
  fromServer(10);
  const { distrustServer } = await import('../../src/core/serverCore');
  distrustServer();
  expect(await ask(600)).toEqual({ answer: 'here', wasAskedHere: true });
  expect(fetched).not.toHaveBeenCalled();
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

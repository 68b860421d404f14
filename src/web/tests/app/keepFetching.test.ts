import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { keepFetching } from '../../src/app/keepFetching';

const heard: Record<string, () => void> = {};

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('window', {
    addEventListener: (name: string, listener: () => void) => (heard[name] = listener),
    removeEventListener: (name: string) => Reflect.deleteProperty(heard, name),
  });
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const pass = (ms: number) => vi.advanceTimersByTimeAsync(ms);

test('what is here at the first try is fetched once', async () => {
  const fetch = vi.fn(() => Promise.resolve());
  await keepFetching(fetch);
  await pass(60_000);
  expect(fetch).toHaveBeenCalledTimes(1);
  expect(heard).toEqual({});
});

test('without a signal it is tried every five seconds until it is here, then no more', async () => {
  let isInReach = false;
  const fetch = vi.fn(() => (isInReach ? Promise.resolve() : Promise.reject(new TypeError('no signal'))));
  const done = vi.fn();
  void keepFetching(fetch).then(done);
  await pass(12_000);
  expect(fetch).toHaveBeenCalledTimes(3);
  expect(done).not.toHaveBeenCalled();
  isInReach = true;
  await pass(3_000);
  expect(done).toHaveBeenCalledTimes(1);
  await pass(60_000);
  expect(fetch).toHaveBeenCalledTimes(4);
});

test('a signal that is back is used at once, and one try runs at a time', async () => {
  const fetch = vi.fn(() => Promise.reject(new TypeError('no signal')));
  void keepFetching(fetch);
  await pass(0);
  heard.online();
  heard.online();
  expect(fetch).toHaveBeenCalledTimes(2);
  await pass(0);
  heard.online();
  expect(fetch).toHaveBeenCalledTimes(3);
});

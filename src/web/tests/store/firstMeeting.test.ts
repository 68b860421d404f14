import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { NotOurServer, type Heard } from '../../src/store/api';
import { firstMeeting, type Missed } from '../../src/store/firstMeeting';

const said = { about: { storeId: 's', person: null }, askedMs: 0, answeredMs: 9 } as Heard;
const heard: Record<string, () => void> = {};
let asks: number;
let answer: () => Promise<Heard>;
let met: Heard[];
let missed: Missed[];
let end: () => void;

beforeEach(() => {
  vi.useFakeTimers();
  const listening = {
    addEventListener: (name: string, listener: () => void) => (heard[name] = listener),
    removeEventListener: (name: string) => Reflect.deleteProperty(heard, name),
  };
  vi.stubGlobal('window', listening);
  vi.stubGlobal('document', listening);
  asks = 0;
  answer = () => Promise.reject(new TypeError('Failed to fetch'));
  met = [];
  missed = [];
});

afterEach(() => {
  end();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function begin() {
  end = firstMeeting({
    ask: () => {
      asks++;
      return answer();
    },
    met: (heardOf) => met.push(heardOf),
    missed: (why) => missed.push(why),
  });
}

const pass = (ms: number) => vi.advanceTimersByTimeAsync(ms);

test('a server that was too busy for the first word is asked again, and met', async () => {
  begin();
  await pass(0);
  expect(missed).toEqual(['noServer']);
  answer = () => Promise.resolve(said);
  await pass(1_000);
  expect(met).toEqual([said]);
  await pass(60_000);
  expect(asks).toBe(2);
});

test('it is asked less and less often, but every eight seconds at least', async () => {
  begin();
  const times: number[] = [];
  for (let second = 0; second <= 40; second++) {
    await pass(second === 0 ? 0 : 1_000);
    while (times.length < asks) times.push(second);
  }
  expect(times).toEqual([0, 1, 3, 7, 15, 23, 31, 39]);
});

test('a signal that is back is used at once, and one question is asked at a time', async () => {
  begin();
  await pass(0);
  let reply: (value: Heard) => void = () => undefined;
  answer = () => new Promise((resolve) => (reply = resolve));
  heard.online();
  heard.visibilitychange();
  expect(asks).toBe(2);
  reply(said);
  await pass(0);
  expect(met).toEqual([said]);
  expect(heard).toEqual({});
});

test('whoever answers instead of the server is told apart from nobody', async () => {
  answer = () => Promise.reject(new NotOurServer('The server answered 200.'));
  begin();
  await pass(0);
  expect(missed).toEqual(['notOurServer']);
});

test('nothing is told after the end, not even what was asked before it', async () => {
  let reply: (value: Heard) => void = () => undefined;
  answer = () => new Promise((resolve) => (reply = resolve));
  begin();
  end();
  reply(said);
  await pass(60_000);
  expect([asks, met, missed]).toEqual([1, [], []]);
});

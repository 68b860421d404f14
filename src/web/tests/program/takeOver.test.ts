import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { takeOver } from '../../src/program/takeOver';

/** A program that takes over at the nth message. */
class Waiting extends EventTarget {
  state: ServiceWorkerState = 'installed';
  asked = 0;

  constructor(private readonly hears: number) {
    super();
  }

  postMessage(message: unknown) {
    expect(message).toEqual({ type: 'SKIP_WAITING' });
    this.asked++;
    if (this.asked === this.hears) this.become('activated');
  }

  become(state: ServiceWorkerState) {
    this.state = state;
    this.dispatchEvent(new Event('statechange'));
  }
}

function begin(hears: number) {
  const waiting = new Waiting(hears);
  const [taken, held] = [vi.fn(), vi.fn()];
  takeOver(waiting, taken, held);
  return { waiting, taken, held };
}

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

test('one that hears the first message takes over, and is asked no more', () => {
  const { waiting, taken, held } = begin(1);
  expect(taken).toHaveBeenCalledOnce();
  vi.advanceTimersByTime(60_000);
  expect([waiting.asked, taken.mock.calls.length, held.mock.calls.length]).toEqual([1, 1, 0]);
});

test('where the first message is lost it is asked again', () => {
  const { taken, held } = begin(3);
  expect(taken).not.toHaveBeenCalled();
  vi.advanceTimersByTime(5_000);
  expect(taken).toHaveBeenCalledOnce();
  expect(held).not.toHaveBeenCalled();
});

test('one that is held up is said to be, once, and still taken when it comes', () => {
  const { waiting, taken, held } = begin(Infinity);
  vi.advanceTimersByTime(44_000);
  expect(held).not.toHaveBeenCalled();
  vi.advanceTimersByTime(60_000);
  expect(held).toHaveBeenCalledOnce();
  waiting.become('activating');
  expect(taken).not.toHaveBeenCalled();
  waiting.become('activated');
  expect(taken).toHaveBeenCalledOnce();
});

test('one that was replaced by a newer one still begins anew', () => {
  const { waiting, taken } = begin(Infinity);
  waiting.become('redundant');
  expect(taken).toHaveBeenCalledOnce();
});

import fc from 'fast-check';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { HandFollower, restMs } from '../../src/rooms/route/HandFollower';

/** Time until the next frame, ms. */
const frameMs = 16;

/** Plans that are answered when told to. */
class Plans {
  readonly asked: { held: number; gone: AbortSignal; answer: () => void }[] = [];
  readonly ask = (held: number, gone: AbortSignal) =>
    new Promise<void>((answer) => this.asked.push({ held, gone, answer }));
  /** What is worked on. */
  get open() {
    return this.asked.filter(({ gone }) => !gone.aborted).map(({ held }) => held);
  }
}

let plans: Plans;
let shown: (number | null)[];
let hand: HandFollower<number>;

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('navigator', { onLine: true });
  vi.stubGlobal('requestAnimationFrame', (then: () => void) => setTimeout(then, frameMs));
  plans = new Plans();
  shown = [];
  hand = new HandFollower<number>((planned) => shown.push(planned));
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const settle = () => vi.advanceTimersByTimeAsync(0);

test('the newest is planned as soon as the one before is answered', async () => {
  for (const at of [1, 2, 3]) hand.look(at, plans.ask);
  expect(plans.open).toEqual([1]);
  plans.asked[0].answer();
  await settle();
  expect(plans.asked.map(({ held }) => held)).toEqual([1, 3]);
  expect(shown).toEqual([1, 3]);
});

test('where the hand rests the plan of where it was is given up', async () => {
  hand.look(1, plans.ask);
  hand.look(2, plans.ask);
  await vi.advanceTimersByTimeAsync(restMs + frameMs - 1);
  expect(plans.asked.length).toBe(1);
  await vi.advanceTimersByTimeAsync(1);
  expect(plans.open).toEqual([2]);
  expect(shown).toEqual([1, 2]);
});

test('a hand that moves again before the next frame does not rest', async () => {
  hand.look(1, plans.ask);
  for (let at = 2; at < 40; at++) {
    hand.look(at, plans.ask);
    await vi.advanceTimersByTimeAsync(restMs + frameMs - 1);
  }
  expect(plans.asked.map(({ held }) => held)).toEqual([1]);
});

test('a hand that rests again and again is answered all the same', async () => {
  hand.look(1, plans.ask);
  for (let at = 2; at < 9; at++) {
    hand.look(at, plans.ask);
    await vi.advanceTimersByTimeAsync(100);
  }
  // Overtaken once, then waited for.
  expect(plans.open).toEqual([2]);
  plans.asked[1].answer();
  await settle();
  expect(plans.open).toEqual([2, 8]);
});

test('letting go shows nothing held, and gives up nothing: what was held last may be what is taken', async () => {
  hand.look(1, plans.ask);
  hand.look(2, plans.ask);
  hand.look(null, plans.ask);
  await vi.advanceTimersByTimeAsync(1_000);
  plans.asked[0].answer();
  await settle();
  expect(plans.open).toEqual([1]);
  expect(shown).toEqual([1, null]);
});

test('without a signal nothing is planned while it is held', async () => {
  vi.stubGlobal('navigator', { onLine: false });
  hand.look(1, plans.ask);
  await vi.advanceTimersByTimeAsync(1_000);
  expect(plans.asked).toEqual([]);
  expect(shown).toEqual([null]);
});

test('however a hand moves and plans are answered, it ends with the plan of where it rests, one at a time', async () => {
  const step = fc.oneof(
    fc.record({ to: fc.integer({ min: 1, max: 9 }) }),
    fc.record({ waits: fc.integer({ min: 0, max: 60 }) }),
    fc.constant('answer' as const),
  );
  await fc.assert(
    fc.asyncProperty(fc.array(step, { maxLength: 30 }), async (steps) => {
      plans = new Plans();
      shown = [];
      hand = new HandFollower<number>((planned) => shown.push(planned));
      const answered = new Set<number>();
      const open = () => plans.asked.flatMap(({ gone }, i) => (gone.aborted || answered.has(i) ? [] : [i]));
      const answer = async () => {
        for (const i of open()) {
          answered.add(i);
          plans.asked[i].answer();
        }
        await settle();
      };
      let at: number | null = null;
      for (const next of steps) {
        if (next === 'answer') await answer();
        else if ('to' in next) hand.look((at = next.to), plans.ask);
        else await vi.advanceTimersByTimeAsync(next.waits);
        expect(open().length).toBeLessThanOrEqual(1);
      }
      await vi.advanceTimersByTimeAsync(200);
      await answer();
      await answer();
      if (at !== null) expect(shown.at(-1)).toBe(at);
      expect(open()).toEqual([]);
    }),
  );
});

import fc from 'fast-check';
import { expect, test } from 'vitest';
import { countOf, FrameGatherer, framesOf, mostBytes } from '../../src/handover/frames';

const anyBundle = fc.uint8Array({ minLength: 1, maxLength: 5_000 });
const anySize = fc.integer({ min: 40, max: 900 });

function take(frameAt: (number: number) => Uint8Array, count: number): Uint8Array[] {
  return Array.from({ length: count }, (_, number) => frameAt(number));
}

/** What a gatherer makes of frames in this order; null when it is never whole. */
function gathered(frames: Uint8Array[]): Uint8Array | null {
  const gatherer = new FrameGatherer();
  for (const frame of frames) {
    const whole = gatherer.add(frame);
    if (whole) return whole;
  }
  return null;
}

test('the first codes alone carry all of it, in any order and however often each is seen', () => {
  fc.assert(
    fc.property(
      anyBundle,
      anySize,
      fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })),
      (bundle, size, draws) => {
        const once = take(framesOf(bundle, size), countOf(bundle.length, size));
        const twice = [...once, ...once].map((frame) => ({ frame, at: draws.next().value as number }));
        expect(gathered(twice.toSorted((a, b) => a.at - b.at).map(({ frame }) => frame))).toEqual(bundle);
      },
    ),
  );
});

test('whatever is lost, as many more make up for it', () => {
  fc.assert(
    fc.property(
      anyBundle,
      anySize,
      fc.array(fc.boolean(), { minLength: 400, maxLength: 400 }),
      (bundle, size, seen) => {
        const count = countOf(bundle.length, size);
        const frames = take(framesOf(bundle, size), 400).filter((_, i) => seen[i]);
        fc.pre(frames.length > count + 40);
        expect(gathered(frames)).toEqual(bundle);
      },
    ),
    { numRuns: 40 },
  );
});

/** 15 codes at four a second with one in five lost: within 15 s, so within 60 shown. */
test('fifteen codes are read within a quarter of a minute with one in five lost', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 2 ** 31 }), (seed) => {
      let state = seed;
      const isLost = () => (state = (Math.imul(state, 48271) >>> 0) % 2147483647) % 5 === 0;
      const bundle = Uint8Array.from({ length: 15 * 800 }, (_, i) => (i * 7 + seed) & 255);
      expect(countOf(bundle.length)).toBe(15);
      expect(gathered(take(framesOf(bundle), 60).filter(() => !isLost()))).toEqual(bundle);
    }),
    { numRuns: 40 },
  );
});

test('a damaged code is left out, wherever a bit fell over', () => {
  fc.assert(
    fc.property(anyBundle, anySize, fc.nat(), fc.integer({ min: 0, max: 7 }), (bundle, size, where, bit) => {
      const count = countOf(bundle.length, size);
      const frames = take(framesOf(bundle, size), count);
      const hit = where % count;
      const damaged = frames[hit].slice();
      damaged[where % damaged.length] ^= 1 << bit;
      const gatherer = new FrameGatherer();
      for (const [i, frame] of frames.entries()) if (i !== hit) gatherer.add(frame);
      expect(gatherer.add(damaged)).toBeNull();
      expect(gathered([...frames.filter((_, i) => i !== hit), damaged, frames[hit]])).toEqual(bundle);
    }),
  );
});

test('a code cut short, and one that is none of ours, say nothing', () => {
  fc.assert(
    fc.property(anyBundle, fc.uint8Array({ maxLength: 900 }), fc.nat(), (bundle, noise, cut) => {
      const [frame] = take(framesOf(bundle, 64), 1);
      const gatherer = new FrameGatherer();
      expect(gatherer.add(noise)).toBeNull();
      expect(gatherer.add(frame.slice(0, cut % frame.length))).toBeNull();
      expect(gatherer.count).toBe(0);
    }),
  );
});

test('another bundle’s codes begin anew', () => {
  const [one, other] = [new Uint8Array(3_000).fill(1), new Uint8Array(3_000).fill(2)];
  const [ones, others] = [take(framesOf(one, 100), 30), take(framesOf(other, 100), 30)];
  expect(gathered([...ones.slice(0, 20), ...others])).toEqual(other);
});

test('nothing and too much are not sent', () => {
  expect(() => framesOf(new Uint8Array(0))).toThrow(RangeError);
  expect(() => framesOf(new Uint8Array(mostBytes + 1))).toThrow(RangeError);
});

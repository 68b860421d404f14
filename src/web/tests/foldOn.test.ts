import { expect, test } from 'vitest';
import type { Request, Response, Schema } from '../src/core/contract';
import { checkpoint, foldOn, joined } from '../src/store/inHand/foldOn';

type Whole = Request<'in-hand'>;

const minute = (n: number) => new Date(Date.UTC(2026, 7, 21, 8, n)).toISOString();
const drank = (id: string, n: number, corrects?: string): Schema<'KeptLine'> => ({
  id,
  line: { kind: 'drank', at: minute(n), litres: 0.25, corrects },
});
const batch = (id: string, n: number, taps: [string, number][]): Schema<'KeptBatch'> =>
  ({
    id,
    startedAt: minute(n),
    taps: taps.map(([tap, at]) => ({ id: tap, tap: { kind: 'done', stepId: 's', at: minute(at) } })),
  }) as unknown as Schema<'KeptBatch'>;

const log: Whole = {
  units: 'metric',
  now: minute(30),
  kit: [{ id: 'bottle', item: { kind: 'container', name: 'Bottle', volumeL: 1 } }],
  walkers: [],
  sources: [],
  lines: [drank('a', 1), drank('b', 10)],
  batches: [batch('x', 5, [['x1', 6]])],
};

/** What the core answers, as far as it matters here: the snapshot reaches the last moment before the time now. */
function answerTo(upTo: number, replaced: Schema<'ReplacedLine'>[] = []): Response<'in-hand'> {
  return { snapshot: { upTo: minute(upTo) }, replaced } as unknown as Response<'in-hand'>;
}

const before = checkpoint(log, answerTo(10));
const later = (part: Partial<Whole>): Whole => ({ ...log, now: minute(31), ...part });
const sent = (whole: Whole) => foldOn(before, whole);

test('nothing known is folded whole', () => expect(foldOn(null, log)).toBe(log));

test('when only time has passed, nothing of the log is sent', () => {
  expect(sent(later({}))).toMatchObject({ lines: [], batches: [], since: before.snapshot, now: minute(31) });
});

test('a new line goes alone', () => {
  const line = drank('c', 20);
  expect(sent(later({ lines: [...log.lines!, line] })).lines).toEqual([line]);
});

test('a batch goes with all its taps when one of them is new', () => {
  const tapped = batch('x', 5, [
    ['x1', 6],
    ['x2', 12],
  ]);
  expect(sent(later({ batches: [tapped] })).batches).toEqual([tapped]);
});

test('a tap by a clock that is behind counts from the start of its batch', () => {
  const started = batch('y', 15, [['y1', 2]]);
  expect(sent(later({ batches: [...log.batches!, started] })).batches).toEqual([started]);
});

test.each<[string, Partial<Whole>]>([
  ['another kit', { kit: [] }],
  ['other units', { units: 'us' }],
  ['a line from before', { lines: [...log.lines!, drank('c', 9)] }],
  ['a line from before in the place of another', { lines: [drank('a', 1), drank('c', 9)] }],
  ['a line gone', { lines: [drank('a', 1)] }],
  [
    'a tap from before',
    {
      batches: [
        batch('x', 5, [
          ['x1', 6],
          ['x2', 7],
        ]),
      ],
    },
  ],
  ['a correction of a line from before', { lines: [...log.lines!, drank('c', 20, 'a')] }],
  ['a clock set back', { now: minute(29) }],
])('%s is folded whole', (_, part) => {
  const whole = later(part);
  expect(sent(whole)).toBe(whole);
});

test('a correction among what is new goes with what it corrects', () => {
  const lines = [drank('c', 20), drank('d', 20, 'c')];
  expect(sent(later({ lines: [...log.lines!, ...lines] })).lines).toEqual(lines);
});

test('what is still to come is sent until its time has come', () => {
  const ahead = { ...log, lines: [...log.lines!, drank('c', 50)] };
  const known = checkpoint(ahead, answerTo(10));
  expect(foldOn(known, { ...ahead, now: minute(32) }).lines).toEqual([drank('c', 50)]);
});

test('lines replaced before are told along with those replaced since', () => {
  const replaced = { id: 'a', by: 'b', takenBack: false };
  const known = checkpoint(log, answerTo(10, [replaced]));
  const asked = foldOn(known, later({}));
  expect(joined(known, asked, answerTo(12)).replaced).toEqual([replaced]);
  expect(joined(known, log, answerTo(12)).replaced).toEqual([]);
});

import { expect, test } from 'vitest';
import type { TreatRequest, TreatResponse } from '../src/core/contract';
import { fromHand } from '../src/rooms/treat/fromHand';
import type { Draft } from '../src/rooms/treat/draft';
import { startLines } from '../src/rooms/treat/startLines';
import { about, sorted, type Line } from '../src/store/bookLines';
import type { ContainerInHand, InHand } from '../src/store/InHandContext';
import type { Kept } from '../src/store/records';

const bottle = (litres: number, water: ContainerInHand['water']): ContainerInHand => ({
  id: 'bottle',
  name: 'Bottle',
  capacityL: 1,
  litres,
  water,
  words: '',
  cleanSideDirty: false,
  isPot: false,
  story: [],
});

const hand = (container: ContainerInHand): InHand =>
  ({ treatIn: 'bottle', containers: [container] }) as unknown as InHand;

const raw = { is: 'raw', sourceId: 'spring', clarity: 'cloudy', colour: 'tea', temperatureC: 4 } as const;

const starting = (volumeL: number, filter = false) => ({
  request: { startAt: 'now', water: { volumeL, clarity: 'clear' } } as unknown as TreatRequest,
  answer: { filter: filter ? {} : null } as unknown as TreatResponse,
  containerId: 'bottle',
});

const filledWith = (lines: ReturnType<typeof startLines>) => lines.filter((line) => line.kind === 'filled');

test('starting writes that the bottle was filled, with what was missing', () => {
  expect(
    filledWith(startLines(hand(bottle(0, { is: 'empty' })), { ...starting(1), here: null })),
  ).toMatchObject([{ containerId: 'bottle', litres: 1, at: 'now' }]);
  expect(filledWith(startLines(hand(bottle(0.4, raw)), { ...starting(1), here: null }))).toMatchObject([
    { litres: 0.6 },
  ]);
});

test.each([
  ['its water was written down', hand(bottle(1, raw)), starting(1)],
  ['it runs through a filter into it', hand(bottle(0, { is: 'empty' })), starting(1, true)],
  [
    'the container is none of the kit',
    hand(bottle(0, { is: 'empty' })),
    { ...starting(1), containerId: null },
  ],
  ['what is in hand is not known yet', undefined, starting(1)],
])('nothing is filled twice: %s', (_, state, start) => {
  expect(filledWith(startLines(state, { ...start, here: null }))).toEqual([]);
});

test('a source judged at the water is a report', () => {
  expect(startLines(undefined, { ...starting(1), here: 'spring' })).toMatchObject([
    { kind: 'sourceSeen', sourceId: 'spring', flowing: true, clarity: 'clear' },
  ]);
});

const draft = (touched: string[]): Draft =>
  ({
    containerId: null,
    volumeL: 2,
    clarity: 'clear',
    colour: 'none',
    temperatureC: 15,
    here: null,
    depthCm: 9,
    touched,
  }) as unknown as Draft;

const kit = [
  { id: 'bottle', body: { kind: 'container', volumeL: 1, depthCm: 20 } },
] as unknown as Kept<'kit-item'>[];

test('Treat starts from the bottle in the hand and what is in it', () => {
  expect(fromHand(draft([]), kit, hand(bottle(0.7, raw)), []).draft).toMatchObject({
    containerId: 'bottle',
    volumeL: 0.7,
    clarity: 'cloudy',
    colour: 'tea',
    temperatureC: 4,
    here: 'spring',
    depthCm: 20,
  });
  expect(fromHand(draft([]), kit, hand(bottle(0, { is: 'empty' })), []).draft).toMatchObject({
    volumeL: 1,
    clarity: 'clear',
  });
});

test('what the person said stands', () => {
  const said = draft(['containerId', 'volumeL', 'clarity', 'colour', 'temperatureC', 'here', 'depthCm']);
  expect(fromHand(said, kit, hand(bottle(0.7, raw)), []).draft).toEqual(said);
  expect(fromHand(draft([]), kit, undefined, []).draft).toEqual(draft([]));
});

const line = (id: string, body: Line['body']): Line => ({ book: 'b', id, author: null, body });

test('a line corrected or taken back counts no more, and stays', () => {
  const lines = [
    line('1', { kind: 'drank', litres: 1 }),
    line('2', { kind: 'drank', litres: 2, corrects: '1' }),
    line('3', { kind: 'note', note: 'x' }),
    line('4', { kind: 'takenBack', corrects: '3' }),
  ];
  const book = sorted(lines, true);
  expect(book.standing.map(({ id }) => id)).toEqual(['2']);
  expect(book.lines).toHaveLength(4);
  expect(book.replacedBy.get('3')?.id).toBe('4');
});

test('a line says what it is about', () => {
  expect(about({ kind: 'poured', fromId: 'a', intoId: 'b' })).toEqual({ thingId: 'a', otherId: 'b' });
  expect(about({ kind: 'filled', containerId: 'a', sourceId: 's' })).toEqual({ thingId: 'a', otherId: 's' });
  expect(about({ kind: 'drank', litres: 1, walkerId: 'w' })).toMatchObject({ walkerId: 'w' });
  expect(about({ kind: 'stage', hours: 1 })).toEqual({});
});

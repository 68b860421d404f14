import { expect, test } from 'vitest';
import { askFields, toldFields } from '../../src/rooms/treat/ask/askFields';
import type { Draft } from '../../src/rooms/treat/draft';
import { fromHand } from '../../src/rooms/treat/fromHand';
import type { InHand } from '../../src/store/InHandContext';
import type { Kept } from '../../src/store/records';

const draft = {
  containerId: null,
  here: null,
  volumeL: 1,
  depthCm: 20,
  clarity: 'slightlyCloudy',
  colour: 'none',
  temperatureC: 8,
  potId: null,
  touched: [],
} as unknown as Draft;

const kept = <K extends 'kit-item' | 'trip-source'>(id: string, body: object) =>
  ({ id, book: 'b', body }) as unknown as Kept<K>;
const kit = [kept<'kit-item'>('bottle', { kind: 'container', name: 'Bottle', volumeL: 1, depthCm: 24 })];
const spring = kept<'trip-source'>('spring', {
  name: 'Spring',
  temperatureC: 6,
  clarity: 'clear',
  seen: ['stock'],
});

const holding = (water: object, litres: number) =>
  ({ treatIn: 'bottle', containers: [{ id: 'bottle', litres, water }] }) as unknown as InHand;

test('raw water in the bottle is known by where it was filled, and is not asked again', () => {
  const state = holding(
    { is: 'raw', sourceId: 'spring', clarity: 'cloudy', colour: null, temperatureC: null },
    0.6,
  );
  const { draft: filled, known } = fromHand(draft, kit, state, [spring]);
  expect(filled).toMatchObject({
    containerId: 'bottle',
    here: 'spring',
    volumeL: 0.6,
    clarity: 'cloudy',
    temperatureC: 6,
  });
  const told = toldFields(filled, known);
  expect(told).toContain('water.clarity');
  expect(told).toContain('water.temperatureC');
  expect(told).not.toContain('water.colour');
});

test('what was seen at a source before is counted, and still asked for today', () => {
  const { draft: filled, known } = fromHand({ ...draft, here: 'spring', touched: ['here'] }, kit, undefined, [
    spring,
  ]);
  expect(filled.seen).toEqual(['stock']);
  expect(toldFields(filled, known)).not.toContain('source.seen');
});

test('what a person enters outranks what is known', () => {
  const { draft: filled } = fromHand(
    { ...draft, here: 'spring', clarity: 'muddy', touched: ['here', 'clarity'] },
    kit,
    undefined,
    [spring],
  );
  expect(filled.clarity).toBe('muddy');
});

test('every question that is put has a place to be answered', () => {
  for (const [field, ask] of Object.entries(askFields)) {
    expect(ask.keys.length > 0 || ask.by === 'kit', field).toBe(true);
  }
});

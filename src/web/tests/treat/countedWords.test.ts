import { expect, test } from 'vitest';
import type { Catalogue } from '../../src/core/contract';
import { askFields } from '../../src/rooms/treat/ask/askFields';
import { countedWords } from '../../src/rooms/treat/ask/countedWords';
import type { Draft } from '../../src/rooms/treat/draft';

const scale = (symbol: string, factor = 1, offset = 0, decimals = 0) => ({
  symbol,
  factor,
  offset,
  decimals,
  from: 0,
  forEntry: true,
});

const catalogueIn = (lengths: ReturnType<typeof scale>, degrees: ReturnType<typeof scale>) =>
  ({
    quantities: [
      { quantity: 'length', scales: [lengths] },
      { quantity: 'temperature', scales: [degrees] },
      { quantity: 'turbidity', scales: [scale('NTU')] },
    ],
    clarities: [
      { id: 'unknown', name: 'Not known' },
      { id: 'cloudy', name: 'Cloudy' },
    ],
    colours: [{ id: 'tea', name: 'Tea' }],
    lists: {
      signs: [
        { id: 'livestock', name: 'Livestock' },
        { id: 'bloom', name: 'Scum or bloom' },
      ],
      sourceKinds: [{ id: 'spring', name: 'Spring' }],
      flows: [{ id: 'trickle', name: 'Trickle' }],
      yesNo: [{ id: 'no', name: 'No' }],
    },
  }) as unknown as Catalogue;

const metric = catalogueIn(scale('cm'), scale('°C'));
const us = catalogueIn(scale('in', 1 / 2.54, 0, 1), scale('°F', 1.8, 32));

const draft = {
  seen: [],
  sourceKind: 'spring',
  flow: 'trickle',
  clarity: 'cloudy',
  clarityBy: 'look',
  colour: 'tea',
  temperatureC: 10,
  upstreamWalked: 'no',
  lidOn: true,
} as unknown as Draft;
const words = (field: string, part: Partial<Draft> = {}, catalogue = metric) =>
  countedWords(field, { ...draft, ...part }, catalogue);

test('what was picked from pictures is told by its name', () => {
  expect(words('source.kind')).toBe('Spring');
  expect(words('source.flow')).toBe('Trickle');
  expect(words('water.colour')).toBe('Tea');
  expect(words('source.seen')).toBe('Nothing seen');
  expect(words('source.seen', { seen: ['livestock', 'bloom'] } as Partial<Draft>)).toBe(
    'Livestock, Scum or bloom',
  );
});

test('cloud is told by what was measured, and by the look where nothing was', () => {
  expect(words('water.clarity')).toBe('Cloudy');
  expect(words('water.clarity', { clarityBy: 'depth', vanishingDepthCm: 20 })).toBe('Mark vanishes at 20 cm');
  expect(words('water.clarity', { clarityBy: 'probe', turbidityNtu: 34 })).toBe('34 NTU');
  // The way to measure is picked, and nothing is measured yet.
  expect(words('water.clarity', { clarityBy: 'depth', vanishingDepthCm: null })).toBe('Cloudy');
  expect(words('water.clarity', { clarityBy: 'probe', turbidityNtu: null })).toBe('Cloudy');
});

test('figures are told in the person’s units', () => {
  expect(words('water.temperatureC')).toBe('Water temperature: 10 °C');
  expect(words('water.temperatureC', {}, us)).toBe('Water temperature: 50 °F');
  // 20 cm / 2.54
  expect(words('water.clarity', { clarityBy: 'depth', vanishingDepthCm: 20 }, us)).toBe(
    'Mark vanishes at 7.9 in',
  );
});

test('what is not known, or half typed, is told as not known', () => {
  expect(words('water.temperatureC', { temperatureC: null })).toBe('Water temperature: not known');
  expect(words('water.temperatureC', { temperatureC: '1,5' as never })).toBe('Water temperature: not known');
});

test('a choice is told with its question', () => {
  expect(words('source.upstreamWalked')).toBe('Looked upstream: no');
  const lid = Object.entries(askFields).find(([, ask]) => ask.by === 'yesNo')![0];
  expect(words(lid)).toMatch(/: yes$/);
  expect(words(lid, { lidOn: false })).toMatch(/: no$/);
});

test('a fact of the kit is told by its name, and what nobody has words for by the core’s own', () => {
  for (const [field, ask] of Object.entries(askFields)) {
    if (ask.by === 'kit') expect(words(field)).toBe(ask.name);
  }
  expect(words('something.new')).toBe('something.new');
});

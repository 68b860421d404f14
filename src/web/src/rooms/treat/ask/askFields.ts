import type { Catalogue, Schema } from '../../../core/contract';
import type { ChoiceItem } from '../../../shared/ChoiceGroup';
import type { Draft } from '../draft';

interface Of {
  /** What it is called in a line. */
  name: string;
  /** Whatever is entered here answers it. */
  keys: (keyof Draft)[];
}

/** How a question of the core's is put on the screen: by pictures, by a measure, by a choice, or as a fact of the kit. */
export type AskField = Of &
  (
    | { by: 'signs' | 'kind' | 'flow' | 'clarity' | 'colour' | 'kit' }
    | { by: 'number'; key: keyof Draft; quantity: Schema<'Quantity'>; step: number }
    | { by: 'choice'; key: keyof Draft; choices: (catalogue: Catalogue) => ChoiceItem[] }
    | { by: 'yesNo'; key: 'lidOn' }
  );

/** By the field that the core names. */
export const askFields: Record<string, AskField> = {
  'source.seen': { by: 'signs', name: 'Signs', keys: ['seen'] },
  'source.kind': { by: 'kind', name: 'Kind of source', keys: ['sourceKind'] },
  'source.flow': { by: 'flow', name: 'How it moves', keys: ['flow'] },
  'source.upstreamWalked': {
    by: 'choice',
    name: 'Looked upstream',
    keys: ['upstreamWalked'],
    key: 'upstreamWalked',
    choices: ({ lists }) => lists.yesNo,
  },
  'source.rainLastDay': {
    by: 'choice',
    name: 'Rain in the last day',
    keys: ['rainLastDay'],
    key: 'rainLastDay',
    choices: ({ lists }) => lists.yesNo,
  },
  'water.clarity': { by: 'clarity', name: 'Clarity', keys: ['clarity', 'vanishingDepthCm', 'turbidityNtu'] },
  'water.colour': { by: 'colour', name: 'Colour', keys: ['colour'] },
  'water.temperatureC': {
    by: 'number',
    name: 'Water temperature',
    keys: ['temperatureC', 'meltC'],
    key: 'temperatureC',
    quantity: 'temperature',
    step: 1,
  },
  'water.elevationM': {
    by: 'number',
    name: 'Elevation',
    keys: ['elevationM'],
    key: 'elevationM',
    quantity: 'elevation',
    step: 100,
  },
  'sky.airTemperatureC': {
    by: 'number',
    name: 'Air temperature',
    keys: ['airTemperatureC'],
    key: 'airTemperatureC',
    quantity: 'temperature',
    step: 1,
  },
  'sky.cloudCover': {
    by: 'number',
    name: 'Sky covered by cloud',
    keys: ['cloudCover'],
    key: 'cloudCover',
    quantity: 'share',
    step: 10,
  },
  'sky.latitudeDeg': {
    by: 'number',
    name: 'Latitude',
    keys: ['latitudeDeg'],
    key: 'latitudeDeg',
    quantity: 'angle',
    step: 1,
  },
  'clearing.grit': {
    by: 'choice',
    name: 'What clouds it',
    keys: ['grit'],
    key: 'grit',
    choices: ({ lists }) => lists.grits,
  },
  'container.depthCm': {
    by: 'number',
    name: 'Depth of the standing water',
    keys: ['depthCm'],
    key: 'depthCm',
    quantity: 'length',
    step: 1,
  },
  'container.clearPlastic': { by: 'kit', name: 'Clear bottle', keys: [] },
  'container.opaque': { by: 'kit', name: 'Opaque bottle', keys: [] },
  'container.squeezable': { by: 'kit', name: 'Soft bottle', keys: [] },
  'chemical.light': {
    by: 'choice',
    name: 'The bottle stands in',
    keys: ['light'],
    key: 'light',
    choices: ({ lights }) => lights,
  },
  'chemical.date': {
    by: 'choice',
    name: 'Date on the pack',
    keys: ['date'],
    key: 'date',
    choices: ({ dates }) => dates,
  },
  'chemical.ph': { by: 'number', name: 'pH', keys: ['ph'], key: 'ph', quantity: 'plain', step: 0.5 },
  'chemical.bleachStrengthPercent': {
    by: 'number',
    name: 'Bleach strength',
    keys: ['bleachStrengthPercent'],
    key: 'bleachStrengthPercent',
    quantity: 'percent',
    step: 0.25,
  },
  'chemical.bleachAgeMonths': {
    by: 'number',
    name: 'Months since the pack date',
    keys: ['bleachAgeMonths'],
    key: 'bleachAgeMonths',
    quantity: 'months',
    step: 1,
  },
  'chemical.dropCount.drops': {
    by: 'number',
    name: 'Drops in 1 mL',
    keys: ['drops'],
    key: 'drops',
    quantity: 'plain',
    step: 1,
  },
  'boil.lidOn': { by: 'yesNo', name: 'Lid on the pot', keys: ['lidOn'], key: 'lidOn' },
  'boil.cooling': {
    by: 'choice',
    name: 'Where it cools',
    keys: ['cooling'],
    key: 'cooling',
    choices: ({ coolingPlaces }) => coolingPlaces,
  },
  'boil.pot': { by: 'kit', name: 'The pot', keys: ['potId'] },
  'boil.burnerId': {
    by: 'choice',
    name: 'Burner',
    keys: ['burnerId'],
    key: 'burnerId',
    choices: ({ burners }) => burners,
  },
};

/** Facts that the kit tells of the chosen container. */
const ofContainer = ['container.clearPlastic', 'container.opaque', 'container.squeezable'];

/** The fields that somebody told: entered here, or known from the log, the trip and the kit. */
export function toldFields(draft: Draft, known: (keyof Draft)[]): string[] {
  const is = (key: keyof Draft) => draft.touched.includes(key) || known.includes(key);
  const told = Object.entries(askFields).filter(([, { keys }]) => keys.some(is));
  return [
    ...told.map(([field]) => field),
    ...(draft.containerId === null ? [] : ofContainer),
    ...(draft.potId === null ? [] : ['boil.pot']),
  ];
}

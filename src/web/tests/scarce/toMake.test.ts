import { expect, test } from 'vitest';
import { noBurner, type Draft } from '../../src/rooms/scarce/draft';
import { toMake } from '../../src/rooms/scarce/make/toMake';
import { treatDraft } from '../../src/rooms/scarce/make/treatDraft';
import type { Kept } from '../../src/store/records';
import { fresh } from './usual';

const kit = [
  { id: 'b', body: { kind: 'container', name: 'Bottle', volumeL: 1 } },
  { id: 'p', body: { kind: 'pot', name: 'Pot', volumeL: 1.3, massKg: 0.2, material: 'aluminium' } },
  { id: 'q', body: { kind: 'pot', name: 'Mug', volumeL: 0.75 } },
] as unknown as Kept<'kit-item'>[];
const walkers = [{ id: 'w', body: { name: 'Ilva', massKg: 62 } }] as unknown as Kept<'walker'>[];
const asked = (part: Partial<Draft>, pieces = kit) =>
  toMake({ ...fresh, ...part }, 'metric', pieces, walkers);

test('the pot is the kit’s first, and the worker the party’s', () => {
  expect(asked({})).toMatchObject({
    pot: { capacityL: 1.3, massKg: 0.2, material: 'aluminium' },
    walker: walkers[0].body,
  });
  expect(asked({}, kit.slice(2)).pot).toEqual({ capacityL: 0.75, massKg: null, material: null });
  expect(asked({}, kit.slice(0, 1)).pot).toBeNull();
  expect(toMake(fresh, 'us', kit, []).walker).toBeNull();
});

test('without a burner no fuel is told of, whatever was typed before', () => {
  expect(asked({ burner: noBurner, fuelG: 100 })).toMatchObject({ burner: null, fuelG: null });
  expect(asked({ burner: 'canister', fuelG: 100 })).toMatchObject({ burner: 'canister', fuelG: 100 });
});

test('how cold the water is and how high the place goes along, where it was told', () => {
  expect(asked({})).toMatchObject({ waterTemperatureC: null, elevationM: null });
  expect(asked({ waterC: 4, elevationM: 2100 })).toMatchObject({ waterTemperatureC: 4, elevationM: 2100 });
});

test('of the sun nothing is told until somebody does, so that no still is counted on', () => {
  expect(asked({}).sun).toBeNull();
  expect(asked({ sun: 'part' }).sun).toBe('part');
});

test('snow is told of only where there is some', () => {
  expect(asked({ features: [], snowC: -8 }).snow).toBeNull();
  expect(asked({ features: ['snow'], snowC: -8 }).snow).toMatchObject({ temperatureC: -8 });
});

test('what is no number goes to the core as it was typed, which names the field', () => {
  expect(asked({ air: 'cold' }).airTemperatureC).toBe('cold');
  expect(asked({ hours: null }).hours).toBeNull();
});

test('what was made is handed to Treat with what is known of it, and no more than Treat takes at once', () => {
  const made = { kind: 'rain', flow: 'still', clarity: 'clear', colour: 'none', volumeL: 35, snow: null };
  const draft = treatDraft(made as never);
  expect(draft).toMatchObject({
    here: null,
    sourceKind: 'rain',
    clarity: 'clear',
    volumeL: 20,
    method: null,
  });
  expect(draft).not.toHaveProperty('snowKind');
  expect(treatDraft({ ...made, volumeL: 3, snow: 'fresh' } as never)).toMatchObject({
    volumeL: 3,
    snowKind: 'fresh',
  });
});

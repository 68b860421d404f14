import { expect, test } from 'vitest';
import type { Schema } from '../../src/core/contract';
import { asEntered } from '../../src/shared/entered';
import type { Kept } from '../../src/store/records';
import type { Draft } from '../../src/rooms/treat/draft';
import { chooseContainer } from '../../src/rooms/treat/hand/chooseContainer';
import { kitTreats, means, toJudge, toRequest } from '../../src/rooms/treat/toRequest';
import type { InHand } from '../../src/store/InHandContext';

const now = '2026-08-21T14:00:00Z';
const kept = (id: string, body: object) => ({ id, book: 'b', body }) as unknown as Kept<'kit-item'>;
const bottle = kept('bottle', {
  kind: 'container',
  name: 'Bottle',
  volumeL: 0.75,
  depthCm: 21,
  role: 'either',
});
const pot = kept('pot', { kind: 'pot', name: 'Pot', volumeL: 1.3, material: 'aluminium' });
const tablets = kept('tablets', { kind: 'product', name: 'Tablets' });
const salts = kept('salts', { kind: 'electrolytes', name: 'Salts' });
const draft = {
  containerId: 'bottle',
  potId: 'pot',
  sourceKind: 'stream',
  volumeL: 0.75,
  clarityBy: 'class',
  clarity: 'cloudy',
  vanishingDepthCm: 30,
  turbidityNtu: 12,
  temperatureC: 9,
  meltC: 2,
  drops: null,
  dropsMl: 1,
  weighed: false,
  here: null,
} as unknown as Draft;

const asked = (part: Partial<Draft>, inHand: Schema<'KitEntry'>[] = []) =>
  toRequest({ ...draft, ...part }, [bottle, pot, tablets], 'metric', true, now, inHand);

test('clarity is told one way, and the others are left out', () => {
  const told = (clarityBy: Draft['clarityBy']) => {
    const { clarity, vanishingDepthCm, turbidityNtu } = asked({ clarityBy }).water!;
    return { clarity, vanishingDepthCm, turbidityNtu };
  };
  expect(told('class')).toEqual({ clarity: 'cloudy', vanishingDepthCm: null, turbidityNtu: null });
  expect(told('depth')).toEqual({ clarity: 'unknown', vanishingDepthCm: 30, turbidityNtu: null });
  expect(told('probe')).toEqual({ clarity: 'unknown', vanishingDepthCm: null, turbidityNtu: 12 });
});

test('melt has its own temperature, and the water’s is not taken for it', () => {
  expect(asked({}).water!.temperatureC).toBe(9);
  expect(asked({}).snow).toBeNull();
  const melt = asked({ sourceKind: 'snow', snowKind: 'fresh', snowTemperatureC: -6 });
  expect(melt.water!.temperatureC).toBe(2);
  expect(melt.snow).toEqual({ kind: 'fresh', temperatureC: -6 });
});

test('the container and the pot are those of the kit', () => {
  expect(asked({}).container).toMatchObject({ capacityL: 0.75, role: 'either', opaque: null });
  expect(asked({}).boil!.pot).toEqual({ capacityL: 1.3, massKg: null, material: 'aluminium' });
  expect(asked({ containerId: 'gone', potId: null }).container!.capacityL).toBeNull();
  expect(asked({ containerId: 'gone', potId: null }).boil!.pot).toBeNull();
});

test('what holds water is no means of treating it', () => {
  const entry = (item: Kept<'kit-item'>) => ({ id: item.id, item: item.body });
  expect(asked({}, [bottle, pot, tablets].map(entry)).kit!.map(({ id }) => id)).toEqual(['tablets']);
  expect(means([bottle, pot, tablets, salts])).toEqual([tablets, salts]);
  expect(kitTreats([bottle, pot, salts])).toBe(false);
  expect(kitTreats([bottle, tablets])).toBe(true);
});

test('drops and the weighing are told whole or not at all', () => {
  expect(asked({}).chemical!.dropCount).toBeNull();
  expect(asked({ drops: 18 }).chemical!.dropCount).toEqual({ drops: 18, millilitres: 1 });
  expect(asked({ weighedFuelG: 9 }).boil!.calibration).toBeNull();
  expect(asked({ weighed: true, weighedFuelG: 9 }).boil!.calibration).toMatchObject({ fuelG: 9 });
});

test('text that is no number goes to the core as it was typed', () => {
  expect(asEntered('a cup')).toBe('a cup');
  expect(asked({ volumeL: 'a cup' }).water!.volumeL).toBe('a cup');
});

test('what comes next at a place is of its own route', () => {
  const source = (id: string, routeId: string) =>
    ({ id, book: 'b', body: { name: id, routeId } }) as unknown as Kept<'trip-source'>;
  const trip = [source('spring', 'fell'), source('well', 'fell'), source('tap', 'other')];
  const routes = [{ id: 'fell', body: { country: { rain: 'none' } } }] as unknown as Kept<'route'>[];
  const judged = toJudge({ ...draft, here: 'spring' }, trip, 'metric', now, routes);
  expect(judged.trip!.map(({ id }) => id)).toEqual(['spring', 'well']);
  expect(judged.country).toEqual({ rain: 'none' });
  expect(toJudge(draft, trip, 'metric', now, routes).trip).toEqual([]);
});

test('another container is as full as it is with raw water, else filled to its brim', () => {
  const holding = (water: object, litres: number) =>
    ({ containers: [{ id: 'bottle', litres, water }] }) as unknown as InHand;
  expect(chooseContainer('bottle', [bottle], holding({ is: 'raw' }, 0.4), draft)).toEqual({
    containerId: 'bottle',
    volumeL: 0.4,
    depthCm: 21,
  });
  expect(chooseContainer('bottle', [bottle], holding({ is: 'clean' }, 0.4), draft).volumeL).toBe(0.75);
  expect(chooseContainer(null, [bottle], undefined, draft)).toMatchObject({
    containerId: null,
    volumeL: 0.75,
  });
});

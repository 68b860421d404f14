import fc from 'fast-check';
import { beforeEach, expect, test, vi } from 'vitest';
import { failures } from '../../src/shared/failures';
import { any, array, number, object, partial, picklist, string } from 'valibot';
import { answeredThing, enteredThing, forgetAllLocal } from '../../src/shared/localThing';
import { Storage } from '../store/Storage';

const shape = partial(
  object({ volumeL: number(), clarity: picklist(['clear', 'cloudy']), touched: array(string()) }),
);
const draft = enteredThing('draft', { version: 1, schema: shape });
const anything = enteredThing('draft', { version: 1, schema: any() });

let storage: Storage;
beforeEach(() => {
  storage = new Storage();
  vi.stubGlobal('localStorage', storage);
  failures.clear();
});

test('what was kept is read as it was, and kept once', () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (value) => {
      storage.clear();
      // As it is written: no undefined, no minus nought.
      const written = JSON.parse(JSON.stringify(value)) as object;
      expect(anything.keep(value)).toBe(true);
      expect(anything.read()).toEqual(written);
      expect(anything.keep(value)).toBe(false);
    }),
  );
  expect(failures.current()).toBeNull();
});

test('cut short or changed in any place it is put aside, and the page says so', () => {
  const whole = { volumeL: 1.5, clarity: 'cloudy' as const, touched: ['volumeL'] };
  fc.assert(
    fc.property(
      fc.nat(),
      fc.constantFrom('cut', 'changed', 'added'),
      fc.string({ minLength: 1 }),
      (at, how, other) => {
        draft.keep(whole);
        const text = storage.kept.get('draft')!;
        const place = at % text.length;
        const damaged =
          how === 'cut'
            ? text.slice(0, place)
            : how === 'changed'
              ? text.slice(0, place) + (text[place] === 'x' ? 'y' : 'x') + text.slice(place + 1)
              : text + other;
        storage.kept.set('draft', damaged);
        failures.clear();
        expect(draft.read()).toBeNull();
        expect(storage.kept.has('draft')).toBe(false);
        expect(failures.current()).toContain('damaged and has been put aside');
        // It starts clean from here.
        expect(draft.read()).toBeNull();
      },
    ),
  );
});

test('without room the page goes on, and what was kept before is still there', () => {
  draft.keep({ volumeL: 1 });
  storage.room = 5;
  expect(draft.keep({ volumeL: 2 })).toBe(true);
  expect(failures.current()).toContain('no room left');
  expect(draft.read()).toEqual({ volumeL: 1 });
});

test('forgetting one leaves the others, forgetting all leaves none', () => {
  const [one, two] = [enteredThing('one', { version: 1, schema: any() }), answeredThing('two')];
  one.keep({ n: 1 });
  two.keep({ n: 2 });
  one.forget();
  expect([one.read(), two.read()]).toEqual([null, { n: 2 }]);
  forgetAllLocal();
  expect(two.read()).toBeNull();
});

test('what another version kept is put aside, and the page says so', () => {
  draft.keep({ volumeL: 1 });
  const next = enteredThing('draft', { version: 2, schema: shape });
  expect(next.read()).toBeNull();
  expect(failures.current()).toContain('another version');
  expect(storage.kept.size).toBe(0);
});

test('no field comes back as something it cannot be', () => {
  for (const wrong of [{ volumeL: {} }, { clarity: 'murky' }, { touched: 'volumeL' }, null]) {
    enteredThing('draft', { version: 1, schema: any() }).keep(wrong);
    failures.clear();
    expect(draft.read()).toBeNull();
    expect(failures.current()).toContain('another version');
  }
});

test('a field that is new loses nothing that was entered, and one that is gone does not come back', () => {
  enteredThing('draft', { version: 1, schema: any() }).keep({ clarity: 'cloudy', gone: 3 });
  expect(draft.read()).toEqual({ clarity: 'cloudy' });
  expect(failures.current()).toBeNull();
});

test('an answer of another build is asked for again, and nothing need be said of it', () => {
  const answer = answeredThing('answer');
  answer.keep({ litres: 2 });
  expect(answer.read()).toEqual({ litres: 2 });
  vi.stubGlobal('__BUILD__', 'another');
  expect(answeredThing('answer').read()).toBeNull();
  expect(failures.current()).toBeNull();
});

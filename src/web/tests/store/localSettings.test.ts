import fc from 'fast-check';
import { beforeEach, expect, test, vi } from 'vitest';
import { failures } from '../../src/store/failures';
import { forgetAllLocal, forgetLocal, keepLocal, readLocal } from '../../src/store/localSettings';
import { Storage } from './Storage';

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
      expect(keepLocal('draft', value)).toBe(true);
      expect(readLocal('draft')).toEqual(written);
      expect(keepLocal('draft', value)).toBe(false);
    }),
  );
  expect(failures.current()).toBeNull();
});

test('cut short or changed in any place it is put aside, and the page says so', () => {
  const whole = { volumeL: 1.5, clarity: 'cloudy', touched: ['volumeL'] };
  fc.assert(
    fc.property(
      fc.nat(),
      fc.constantFrom('cut', 'changed', 'added'),
      fc.string({ minLength: 1 }),
      (at, how, other) => {
        keepLocal('draft', whole);
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
        expect(readLocal('draft')).toBeNull();
        expect(storage.kept.has('draft')).toBe(false);
        expect(failures.current()).toContain('damaged and has been put aside');
        // It starts clean from here.
        expect(readLocal('draft')).toBeNull();
      },
    ),
  );
});

test('without room the page goes on, and what was kept before is still there', () => {
  keepLocal('draft', { volumeL: 1 });
  storage.room = 5;
  expect(keepLocal('draft', { volumeL: 2 })).toBe(true);
  expect(failures.current()).toContain('no room left');
  expect(readLocal('draft')).toEqual({ volumeL: 1 });
});

test('forgetting one leaves the others, forgetting all leaves none', () => {
  keepLocal('one', { n: 1 });
  keepLocal('two', { n: 2 });
  forgetLocal('one');
  expect([readLocal('one'), readLocal('two')]).toEqual([null, { n: 2 }]);
  forgetAllLocal();
  expect(readLocal('two')).toBeNull();
});

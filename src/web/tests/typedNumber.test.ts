import fc from 'fast-check';
import { expect, test } from 'vitest';
import { typedNumber } from '../src/shared/typedNumber';
import { eitherEntry, readEntry } from '../src/shared/units';

test.each([
  ['12', 12],
  ['0,5', 0.5],
  ['0.5', 0.5],
  ['12,5', 12.5],
  ['1.234,5', 1234.5],
  ['1,234.5', 1234.5],
  ['1 200', 1200],
  ['1\u202f200,5', 1200.5],
  ['1’200', 1200],
  ['1,234,567', 1234567],
  ['1.234.567', 1234567],
  ['−3', -3],
  ['+4', 4],
  ['１２．５', 12.5],
  ['٣٫٥', 3.5],
  ['۱۲۰۰', 1200],
  ['१२', 12],
  ['0,125', 0.125],
  ['46.205', 46.205],
  ['1,2000', 1.2],
  ['1234,567', 1234.567],
])('“%s” is %d', (text, value) => expect(typedNumber(text, 'en-GB')).toEqual({ is: 'number', value }));

test.each([
  ['1,200', 'en-GB', [1200, 1.2]],
  ['1,200', 'de-DE', [1200, 1.2]],
  ['1.200', 'de-DE', [1200, 1.2]],
  ['-12,345', 'en-GB', [-12345, -12.345]],
])('“%s” in %s may be either', (text, locale, values) =>
  expect(typedNumber(text, locale)).toEqual({ is: 'either', values }),
);

test.each([
  '',
  '.',
  'abc',
  '1,23,4',
  '1.2.3',
  '1,2345,678',
  '12 5',
  '1-2',
  'Infinity',
  '1e5',
  '0x10',
  '1,234.5,6',
])('“%s” is none', (text) => expect(typedNumber(text, 'en-GB').is).toBe('none'));

test('what any language writes is read as it was meant, or asked about', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -1e6, max: 1e6, noNaN: true }),
      fc.constantFrom('en-GB', 'de-DE', 'fr-FR', 'sv-SE', 'pt-BR', 'ja-JP', 'ar-EG', 'de-CH', 'hi-IN'),
      (value, locale) => {
        const text = new Intl.NumberFormat(locale, { maximumFractionDigits: 3 }).format(value);
        const meant = Number(value.toFixed(3));
        // The Indian way groups by two beyond the thousands.
        fc.pre(!(locale === 'hi-IN' && Math.abs(value) >= 99_999));
        const read = typedNumber(text.replace(/[\u200e\u200f\u061c]/g, ''), locale);
        if (read.is === 'number') expect(read.value).toBeCloseTo(meant, 9);
        else {
          expect(read.is).toBe('either');
          if (read.is === 'either') expect(read.values.some((v) => Math.abs(v - meant) < 1e-9)).toBe(true);
        }
      },
    ),
  );
});

const litres = [
  { symbol: 'L', factor: 1, offset: 0 },
  { symbol: 'mL', factor: 1000, offset: 0 },
] as never;

test('a unit behind the number counts, and a doubtful one is asked in that unit', () => {
  expect(readEntry(litres, '2,5')).toBe(2.5);
  expect(readEntry(litres, '750 mL')).toBe(0.75);
  expect(readEntry(litres, '2 l')).toBe(2);
  expect(readEntry(litres, '  ')).toBeNull();
  expect(readEntry(litres, '2 gal')).toBe('2 gal');
  expect(readEntry(litres, '1,200 mL')).toBe('1,200 mL');
  expect(eitherEntry(litres, '1,200 mL')).toEqual([
    { shown: '1200 mL', inside: 1.2 },
    { shown: '1.2 mL', inside: 0.0012 },
  ]);
  expect(eitherEntry(litres, '1.5')).toBeNull();
  const inches = [{ symbol: 'in', factor: 1 / 2.54, offset: 0 }] as never;
  expect(readEntry(inches, '5\'10"')).toBeCloseTo(177.8, 9);
  expect(readEntry(inches, '6′')).toBeCloseTo(182.88, 9);
});

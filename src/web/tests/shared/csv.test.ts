import fc from 'fast-check';
import { expect, test } from 'vitest';
import { readCsv, writeCsv } from '../../src/shared/csv';

/** What a separator is guessed by, or what a spreadsheet strips: kept out of the cells here. */
const rare = ';|\t\r\uFEFF\u001e\u001f';
const without = (text: string, signs: string, instead = '') =>
  Array.from(text, (sign) => (signs.includes(sign) ? instead : sign)).join('');

/** Blank rows are skipped when a table is read, and are not written by the app. */
const cell = fc.string({ maxLength: 12 });
const table = fc
  .tuple(
    fc.array(cell, { minLength: 2, maxLength: 4 }),
    fc.array(fc.array(cell, { minLength: 2, maxLength: 4 }), { minLength: 1, maxLength: 5 }),
  )
  .filter(([, rows]) => rows.every((row) => row.some((text) => text.trim() !== '')))
  .filter(([header]) => header.some((text) => text.trim() !== ''));

test('a table is read as it was written, whatever is in its cells', () => {
  fc.assert(
    fc.property(table, ([header, rows]) => {
      // The separator is told by what is most often there: names of columns hold none of the others.
      const plain = header.map((text) => without(text, `${rare},"\n`));
      fc.pre(plain.some((text) => text.trim() !== ''));
      const quiet = rows.map((row) => row.map((text) => without(text, rare, '.')));
      expect(readCsv(writeCsv(plain, quiet))).toEqual({ header: plain, rows: quiet });
    }),
  );
});

test('semicolons and a byte order mark are a spreadsheet’s own', () => {
  expect(readCsv('\uFEFFat;litres\r\n2026-08-21;0,5\r\n')).toEqual({
    header: ['at', 'litres'],
    rows: [['2026-08-21', '0,5']],
  });
});

test('what is broken is said with its line', () => {
  expect(readCsv('at,note\n1,"open')).toMatch(/^Line \d+: a quotation mark is not closed/);
  expect(readCsv('at,note\n')).toBe('The table has no lines below its headings.');
});

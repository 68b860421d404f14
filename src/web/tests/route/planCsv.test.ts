import Papa from 'papaparse';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { Plan } from '../../src/core/contract';
import { planCsv } from '../../src/rooms/route/card/planCsv';
import { fileName } from '../../src/shared/saveFile';

const stop = (part: object) => ({
  day: 0,
  alongKm: 3.456,
  name: 'Moss spring',
  kind: 'source',
  arriveHour: 14.5,
  chance: 0.98,
  arriveL: 1,
  takeL: 2,
  leaveL: 3,
  treatBy: '',
  readyHour: null,
  turnBackKm: null,
  words: '',
  ifElse: '',
  ...part,
});
const table = (part: object) => {
  const plan = { days: [{ day: 0, date: '2026-08-21' }], stops: [stop(part)] } as unknown as Plan;
  return Papa.parse<Record<string, string>>(planCsv(plan), { header: true, skipEmptyLines: true }).data;
};

test('each stop has its date, and hours stand as clock times', () => {
  expect(table({})[0]).toMatchObject({
    date: '2026-08-21',
    along_km: '3.46',
    arrive: '14:30',
    chance: '0.980',
  });
  // Rounded to the minute, never to “:60”.
  expect(table({ arriveHour: 9.9999 })[0].arrive).toBe('10:00');
});

test('no text can be taken for a formula, and none is lost', () => {
  fc.assert(
    fc.property(fc.string(), (name) => {
      const said = table({ name })[0].place;
      expect(said).not.toMatch(/^[=+\-@\t\r]/);
      // A name that begins with an apostrophe keeps it.
      expect([name, `'${name}`]).toContain(said);
      expect(said === name).toBe(!/^[=+\-@\t\r]/.test(name));
    }),
  );
});

test('a file is named in any script, without marks that systems keep', () => {
  expect(fileName('Über die Höhe: 水場')).toBe('Über die Höhe- 水場');
  expect(fileName('../../etc')).toBe('etc');
  expect(fileName(null)).toBe('trip');
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (name) => {
      expect(fileName(name)).not.toMatch(/[\\/:*?"<>|\p{Cc}]|^\.|^$/u);
    }),
  );
});

import fc from 'fast-check';
import { afterEach, expect, test } from 'vitest';
import type { Kept } from '../src/store/records';
import {
  clockTime,
  dateName,
  dateOf,
  dayName,
  fromField,
  hourOf,
  localInstant,
  offsetsFrom,
  toField,
  wholeHour,
} from '../src/shared/time';
import { deviceZone, offsetAt, speakZone, zoneNow } from '../src/shared/zone';
import { tripMeant } from '../src/store/tripMeant';

afterEach(() => speakZone(null));

const zones = [
  'Atlantic/Azores',
  'Europe/Berlin',
  'America/St_Johns',
  'Asia/Kathmandu',
  'Pacific/Kiritimati',
  'Pacific/Pago_Pago',
  'Australia/Lord_Howe',
  'UTC',
];

test('every time and date is told in the zone of the trip', () => {
  const instant = '2026-08-21T22:30:00Z';
  speakZone('Europe/Berlin');
  expect(clockTime(instant, new Date(instant))).toBe('00:30');
  expect(wholeHour(new Date(instant))).toBe('00:00');
  expect(dayName(instant)).toBe('Saturday 22 August');
  expect(localInstant(new Date(instant))).toBe('2026-08-22T00:30:00.000+02:00');
  speakZone('America/St_Johns');
  expect(clockTime(instant, new Date(instant))).toBe('20:00');
  expect(dateOf(new Date(instant))).toBe('2026-08-21');
  expect(hourOf(new Date(instant))).toBe(20);
  expect(localInstant(new Date(instant))).toBe('2026-08-21T20:00:00.000-02:30');
  // A date of the calendar is the same everywhere.
  expect(dateName('2026-08-21')).toBe('Friday 21 August');
});

test('a zone that is not known here leaves the device’s', () => {
  speakZone('Atlantic/Lyonesse');
  expect(zoneNow()).toBe(deviceZone);
});

test('over the end of summer time each day has its own offset, and each hour its instant', () => {
  speakZone('Europe/Berlin');
  expect(offsetsFrom('2026-10-23', 4)).toEqual([120, 120, 60, 60]);
  expect(fromField('2026-10-24T18:00')).toBe('2026-10-24T18:00:00.000+02:00');
  expect(fromField('2026-10-25T07:00')).toBe('2026-10-25T07:00:00.000+01:00');
  // Half past two comes twice: the first is meant. In spring it does not come: the hour after.
  expect(fromField('2026-10-25T02:30')).toBe('2026-10-25T02:30:00.000+02:00');
  expect(fromField('2026-03-29T02:30')).toBe('2026-03-29T03:30:00.000+02:00');
  expect(fromField('')).toBeNull();
  expect(fromField('2026-13-01T00:00')).toBeNull();
});

test('a year is typed digit by digit, and each stays what it is', () => {
  speakZone('UTC');
  for (const field of ['0002-11-27T10:05', '0020-11-27T10:05', '0202-11-27T10:05', '2026-11-27T10:05'])
    expect(toField(fromField(field)!)).toBe(field);
  speakZone('Europe/Berlin');
  expect(toField(fromField('0002-11-27T10:05')!)).toMatch(/^0002-11-27T10:0[45]$/);
});

test('what a field shows is what it means, in every zone', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...zones),
      fc.date({ min: new Date('2000-01-01'), max: new Date('2037-12-31'), noInvalidDate: true }),
      (zone, at) => {
        speakZone(zone);
        const minute = new Date(Math.floor(at.getTime() / 60_000) * 60_000);
        const field = toField(minute.toISOString());
        const back = Date.parse(fromField(field)!);
        // The hour that comes twice is read as its first.
        expect([minute.getTime(), minute.getTime() - 3_600_000, minute.getTime() - 1_800_000]).toContain(
          back,
        );
        expect(toField(new Date(back).toISOString())).toBe(field);
        expect(Date.parse(localInstant(at))).toBe(at.getTime());
        expect(Math.abs(offsetAt(at))).toBeLessThanOrEqual(14 * 60);
      },
    ),
  );
});

const trip = (id: string, startDate: string | null, days = 2) =>
  ({
    id,
    book: 'b',
    author: null,
    body: { startDate, days: Array.from({ length: days }, () => ({})) },
  }) as Kept<'route'>;

test('the clock that counts is of the trip that is open, stood on, or under way', () => {
  const routes = [trip('a', '2026-08-21'), trip('b', '2026-08-22'), trip('c', null)];
  const meant = (path: string, on: string | null, date: string) => tripMeant(routes, path, on, date)?.id;
  expect(meant('/route/c/plan', 'a', '2026-08-22')).toBe('c');
  expect(meant('/day/plan/b/0', null, '2020-01-01')).toBe('b');
  expect(meant('/now', 'b', '2026-08-22')).toBe('b');
  expect(meant('/now', null, '2026-08-20')).toBe('a');
  expect(meant('/now', 'a', '2026-08-24')).toBe('b');
  expect(meant('/now', 'b', '2027-01-01')).toBeUndefined();
});

import fc from 'fast-check';
import ICAL from 'ical.js';
import { expect, test } from 'vitest';
import type { Response } from '../../src/core/contract';
import { calendarOf } from '../../src/rooms/day/calendar';

const schedule = (startAt: string, readyAt: string) =>
  ({
    batches: ['tea#1', 'leaving#1'].map((key) => ({
      key,
      wantName: 'Tea',
      container: 'Bottle',
      words: '1 L',
      readyAt,
      steps: [
        { title: 'Dose', startAt, endAt: readyAt, person: 1 },
        { title: 'Contact', startAt, endAt: readyAt, person: null },
      ],
    })),
  }) as unknown as Response<'schedule'>;

const ids = (text: string) => [...text.matchAll(/^UID:(.*)$/gm)].map(([, id]) => id.trim());

test('every entry rings at its instant, validly, and has an id of its own', () => {
  const text = calendarOf(
    '/day/plan/r/0',
    'Evening',
    schedule('2026-08-10T17:30:00+01:00', '2026-08-10T18:00:00+01:00'),
  );
  const triggers = [...text.matchAll(/^TRIGGER(.*)$/gm)].map(([, rest]) => rest.trim());
  expect(triggers.toSorted()).toEqual([
    ';VALUE=DATE-TIME:20260810T163000Z',
    ';VALUE=DATE-TIME:20260810T163000Z',
    ';VALUE=DATE-TIME:20260810T170000Z',
    ';VALUE=DATE-TIME:20260810T170000Z',
  ]);
  expect(new Set(ids(text)).size).toBe(4);
});

test('a batch that is moved keeps its ids, another evening has others', () => {
  const one = ids(
    calendarOf('/day/plan/r/0', 'Evening', schedule('2026-08-10T17:30:00Z', '2026-08-10T18:00:00Z')),
  );
  const moved = ids(
    calendarOf('/day/plan/r/0', 'Evening', schedule('2026-08-10T19:30:00Z', '2026-08-10T20:00:00Z')),
  );
  const next = ids(
    calendarOf('/day/plan/r/1', 'Evening', schedule('2026-08-11T17:30:00Z', '2026-08-11T18:00:00Z')),
  );
  expect(moved).toEqual(one);
  expect(next.filter((id) => one.includes(id))).toEqual([]);
});

test('a second reader finds the same entries, at the same instants', () => {
  fc.assert(
    fc.property(
      fc.date({ min: new Date('2020-01-01'), max: new Date('2035-12-31'), noInvalidDate: true }),
      fc.integer({ min: 1, max: 600 }),
      fc.string({ unit: 'grapheme', maxLength: 40 }),
      (start, minutes, name) => {
        const from = Math.floor(start.getTime() / 60_000) * 60_000;
        const [startAt, readyAt] = [from, from + minutes * 60_000].map((at) => new Date(at).toISOString());
        const calendar = new ICAL.Component(
          ICAL.parse(calendarOf('/day/plan/r/0', name, schedule(startAt, readyAt))) as unknown[],
        );
        const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
        expect(events).toHaveLength(4);
        for (const event of events) {
          expect([from, from + minutes * 60_000]).toContain(event.startDate.toJSDate().getTime());
          const trigger = event.component.getFirstSubcomponent('valarm')!.getFirstPropertyValue('trigger');
          expect(trigger).toBeInstanceOf(ICAL.Time);
        }
      },
    ),
    { numRuns: 40 },
  );
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dayChoices, dayMeant } from '../../src/rooms/day/dayChoices';
import { changedBy, overPlan } from '../../src/rooms/day/overPlan';
import type { Schema } from '../../src/core/contract';
import type { Kept } from '../../src/store/records';

type Day = Schema<'DayBook'>;

const route = (id: string, startDate: string | null, camps: number): Kept<'route'> => ({
  id,
  book: 'b',
  author: null,
  body: {
    name: `Walk ${id}`,
    startDate,
    lengthKm: 40,
    heights: [],
    days: Array.from({ length: camps + 1 }, (_, i) => ({ campName: i === 1 ? '' : `Camp ${i}` })),
  } as unknown as Schema<'TripRoute'>,
});
const day = (id: string, body: Partial<Day>): Kept<'day'> => ({
  id,
  book: 'b',
  author: null,
  body: { name: id, from: null, wants: null, people: 1, ...body },
});
const at = (local: string) => new Date(local).getTime();

describe('the days that can be opened', () => {
  it('are every camp of every walk, then one’s own, the newest first', () => {
    const choices = dayChoices(
      [route('a', '2026-08-10', 2), route('b', null, 0)],
      [
        day('old', { from: '2026-08-01T08:00:00Z' }),
        day('new', { from: '2026-08-05T08:00:00Z' }),
        day('kept', { follows: { routeId: 'a', day: 1 } }),
      ],
    );
    expect(choices.map((c) => c.name)).toEqual([
      'Walk a, evening 1: Camp 0',
      'Walk a, evening 2: camp 2',
      'new',
      'old',
    ]);
    expect(choices.map((c) => (c.kind === 'evening' ? c.kept?.id : null))).toEqual([
      undefined,
      'kept',
      null,
      null,
    ]);
  });

  it('open on tonight’s camp until noon of the morning after', () => {
    const choices = dayChoices([route('a', '2026-08-10', 3)], []);
    const meant = (now: string) => dayMeant(choices, at(now))?.path;
    expect(meant('2026-08-02T09:00')).toBe('/day/plan/a/0');
    expect(meant('2026-08-11T11:59')).toBe('/day/plan/a/0');
    expect(meant('2026-08-11T12:01')).toBe('/day/plan/a/1');
    // Over: the last one.
    expect(meant('2026-09-01T12:00')).toBe('/day/plan/a/2');
  });

  it('open on one made by hand for now, and on a walk with a date before one without', () => {
    const routes = [route('some', null, 1), route('dated', '2026-08-10', 1)];
    expect(dayMeant(dayChoices(routes, []), at('2026-08-09T12:00'))?.path).toBe('/day/plan/dated/0');
    const own = [day('mine', { from: '2026-08-09T18:00:00Z' })];
    expect(dayMeant(dayChoices(routes, own), at('2026-08-09T20:00'))?.path).toBe('/day/mine');
    expect(dayMeant(dayChoices(routes, own), at('2026-08-12T20:00'))?.path).not.toBe('/day/mine');
    expect(dayMeant([], 0)).toBeUndefined();
  });
});

describe('a day that follows a plan', () => {
  const planned: Day = {
    name: 'Walk: Camp',
    from: '2026-08-10T16:00:00+00:00',
    wants: [{ id: 'a', name: 'Tea', litres: 1, by: '2026-08-10T18:00:00+00:00' }],
    people: 3,
    water: null,
    sky: { airTemperatureC: 8 },
    quietFromHour: 22,
    quietToHour: 6,
  };
  const fresh: Day = { name: null, from: null, wants: null, people: null, follows: { routeId: 'r', day: 0 } };

  it('is the plan’s until something is changed', () => {
    expect(overPlan(fresh, planned)).toEqual({ ...planned, follows: fresh.follows });
  });

  it('keeps what was changed and goes on following for the rest', () => {
    const stands = overPlan(fresh, planned);
    const own = changedBy(fresh, stands, { ...stands, people: 1, quietFromHour: null });
    expect(own).toMatchObject({
      from: null,
      wants: null,
      sky: null,
      people: 1,
      quietFromHour: null,
      follows: fresh.follows,
    });
    const later = { ...planned, from: '2026-08-10T17:00:00+00:00' };
    expect(overPlan(own, later)).toMatchObject({
      from: later.from,
      wants: planned.wants,
      people: 1,
      quietFromHour: null,
    });
  });

  it('never loses a change by another one', () => {
    const change = fc.constantFrom<Partial<Day>>(
      { wants: [] },
      { from: '2026-08-11T00:00:00+00:00' },
      { people: 2 },
      { sky: { airTemperatureC: 1 } },
      { quietToHour: 5 },
      { name: 'Ours' },
    );
    fc.assert(
      fc.property(fc.array(change, { maxLength: 8 }), (changes) => {
        let own = fresh;
        for (const part of changes) {
          const stands = overPlan(own, planned);
          own = changedBy(own, stands, { ...stands, ...part });
        }
        expect(overPlan(own, planned)).toEqual(
          Object.assign({}, planned, { follows: fresh.follows }, ...changes),
        );
      }),
    );
  });
});

import { fromField } from '../../shared/time';
import type { Kept } from '../../store/records';

/** A day that can be opened: an evening of a trip, changed by hand or not, or a day of its own. */
export type DayChoice = { path: string; name: string } & (
  | { kind: 'evening'; route: Kept<'route'>; evening: number; kept: Kept<'day'> | undefined }
  | { kind: 'own'; record: Kept<'day'> }
);

/** A day of one's own is the one meant for so long after it began, ms. */
const meantFor = 36 * 3_600_000;
const dayMs = 24 * 3_600_000;

/** Every evening of every trip, in order, then days of one's own, the newest first. */
export function dayChoices(routes: Kept<'route'>[], days: Kept<'day'>[]): DayChoice[] {
  const evenings = routes.flatMap((route) =>
    (route.body.days ?? []).slice(0, -1).map((day, evening): DayChoice => {
      const camp = day.campName ? day.campName : `camp ${evening + 1}`;
      return {
        kind: 'evening',
        path: `/day/plan/${route.id}/${evening}`,
        name: `${route.body.name ?? 'Trip'}, evening ${evening + 1}: ${camp}`,
        route,
        evening,
        kept: days.find(({ body }) => body.follows?.routeId === route.id && body.follows.day === evening),
      };
    }),
  );
  const own = days
    .filter(({ body }) => !body.follows)
    .toSorted((a, b) => (b.body.from ?? '').localeCompare(a.body.from ?? ''))
    .map((record): DayChoice => ({
      kind: 'own',
      path: `/day/${record.id}`,
      name: record.body.name ?? 'Unnamed',
      record,
    }));
  return [...evenings, ...own];
}

/** The day that is meant when none is named: one begun or to come of one's own, else tonight's or the next camp's evening. */
export function dayMeant(choices: DayChoice[], now: number): DayChoice | undefined {
  const own = choices.find((c) => c.kind === 'own' && Date.parse(c.record.body.from ?? '') > now - meantFor);
  // Until noon of the morning after, an evening is still the one to get ready for.
  const evening = choices
    .filter((c) => c.kind === 'evening')
    .map((c) => ({ c, until: noonAfter(c.route.body.startDate, c.evening) }))
    .filter(({ until }) => until > now)
    .toSorted((a, b) => a.until - b.until)[0];
  return own ?? evening?.c ?? choices.findLast((c) => c.kind === 'evening') ?? choices[0];
}

/** A trip without a date is not over yet, but comes after every one that has a date. */
function noonAfter(startDate: string | null | undefined, evening: number): number {
  return startDate
    ? Date.parse(fromField(`${startDate}T12:00`) ?? '') + (evening + 1) * dayMs
    : Number.MAX_SAFE_INTEGER - 1_000 + evening;
}

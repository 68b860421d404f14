import type { Kept } from './records';

const dayMs = 24 * 3_600_000;

/** The trip whose clock counts: the one a page is about, else the one the party stands on, else the one whose days these are. */
export function tripMeant(
  routes: Kept<'route'>[],
  pathname: string,
  standsOn: string | null,
  date: string,
): Kept<'route'> | undefined {
  const opened = routes.find(
    ({ id }) => pathname.startsWith(`/route/${id}`) || pathname.startsWith(`/day/plan/${id}/`),
  );
  return (
    opened ??
    routes.find((route) => route.id === standsOn && covers(route, date)) ??
    routes.find((route) => covers(route, date))
  );
}

/** Whether a trip is under way on a date; the evening before and the morning after count too. */
function covers({ body }: Kept<'route'>, date: string): boolean {
  const start = Date.parse(body.startDate ?? '');
  const day = Date.parse(date);
  return day >= start - dayMs && day <= start + (body.days?.length ?? 1) * dayMs;
}

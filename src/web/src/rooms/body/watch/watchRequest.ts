import type { Request, Schema } from '../../../core/contract';
import { dateOf, fromField } from '../../../shared/time';
import type { InHand } from '../../../store/InHandContext';
import type { Kept } from '../../../store/records';

const morningTime = 'T07:00';
const dayMs = 24 * 3_600_000;

interface Day {
  units: Schema<'UnitSystem'>;
  now: string;
  /** When they were last well watered. */
  from: string;
}

/** This morning, or yesterday's while it is still night. */
export function morning(now: Date): string {
  const at = fromField(`${dateOf(now)}${morningTime}`)!;
  return Date.parse(at) <= now.getTime()
    ? at
    : fromField(`${dateOf(new Date(now.getTime() - dayMs))}${morningTime}`)!;
}

/** What is asked about one walker's water through the day: what the log says of them, and what else is known of the day. */
export function watchRequest(
  walker: Kept<'walker'>,
  tests: Kept<'sweat-test'>[],
  state: InHand,
  { units, now, from }: Day,
  known: Partial<Request<'body-watch'>> = {},
): Request<'body-watch'> {
  const told = state.walkers.find(({ id }) => id === walker.id);
  const today = (at: string | null | undefined) => at != null && Date.parse(at) >= Date.parse(from);
  const urine = today(told?.urineAt) ? told : undefined;
  const mass = today(told?.massAt) ? told : undefined;
  const looked = today(told?.signsAt) ? told : undefined;
  return {
    units,
    walker: walker.body,
    tests: tests
      .filter(({ body }) => body.walkerId === walker.id)
      .map(({ id, body }) => ({ id, test: body })),
    from,
    drinks: (told?.drinks ?? [])
      .filter(({ at }) => today(at))
      .map(({ at, litres }): Schema<'Drunk'> => ({ at, litres })),
    urineColour: urine?.urineColour ?? null,
    urineAt: urine?.urineAt ?? null,
    weighedKg: mass?.massKg ?? null,
    weighedAt: mass?.massAt ?? null,
    signs: looked?.signs ?? [],
    signsAt: looked?.signsAt ?? null,
    now: afterWritten(now, [
      ...(told?.drinks ?? []).map(({ at }) => at),
      told?.urineAt,
      told?.massAt,
      told?.signsAt,
    ]),
    ...known,
  };
}

const minuteMs = 60_000;

/** The clock shows whole minutes: what was written within this one has happened, what is dated later has not. */
export function afterWritten(now: string, written: (string | null | undefined)[]): string {
  const start = Date.parse(now);
  const latest = written
    .map((at) => (at ? Date.parse(at) : NaN))
    .filter((at) => at > start && at < start + minuteMs);
  return latest.length === 0 ? now : new Date(Math.max(...latest)).toISOString();
}

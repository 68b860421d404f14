import type { Request, Schema } from '../../../core/contract';
import type { InHand } from '../../../store/InHandContext';
import type { Kept } from '../../../store/records';
import { morning } from './morning';
import type { ToldDay } from './toldDay';

interface Day {
  units: Schema<'UnitSystem'>;
  now: string;
  told: ToldDay;
  /** When it is walked by the log or the plan; null where neither tells. */
  onFoot: Schema<'DayOnFoot'> | null;
}

/** When a day begins: as told, else as the log or the plan has it, else in the morning. */
export function beginning(told: ToldDay, onFoot: Day['onFoot'], now: string): string {
  return told.from ?? onFoot?.from ?? morning(new Date(now));
}

/** What is asked about one walker's water through the day: what the log says of them, and what else is known of the day. */
export function watchRequest(
  walker: Kept<'walker'>,
  tests: Kept<'sweat-test'>[],
  state: InHand,
  { units, now, told: day, onFoot }: Day,
  known: Partial<Request<'body-watch'>> = {},
): Request<'body-watch'> {
  const from = beginning(day, onFoot, now);
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
    effort: { temperatureC: day.airC },
    walks: day.setOut ? [{ from: day.setOut, until: day.arrived }] : [],
    rested: day.rested,
    day: onFoot,
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

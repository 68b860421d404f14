import { localInstant } from './time';

/** The time now, to the whole minute. */
export function thisMinute(): string {
  const now = new Date();
  now.setSeconds(0, 0);
  return localInstant(now);
}

/** The time now, to the whole hour: near enough for the age of a report. */
export function thisHour(): string {
  const now = new Date();
  now.setMinutes(0, 0, 0);
  return localInstant(now);
}

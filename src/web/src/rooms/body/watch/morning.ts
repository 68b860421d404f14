import { dateOf, fromField } from '../../../shared/time';

const morningTime = 'T07:00';
const dayMs = 24 * 3_600_000;

/** This morning, or yesterday's while it is still night. */
export function morning(now: Date): string {
  const at = fromField(`${dateOf(now)}${morningTime}`)!;
  return Date.parse(at) <= now.getTime()
    ? at
    : fromField(`${dateOf(new Date(now.getTime() - dayMs))}${morningTime}`)!;
}

/** The time now, to the whole minute. */
export function thisMinute(): string {
  const now = new Date();
  now.setSeconds(0, 0);
  return now.toISOString();
}

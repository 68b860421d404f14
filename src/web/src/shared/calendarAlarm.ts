import type { Alarm } from 'ics';

/** Rings at an instant: as the instant itself, for "nought minutes before" is not written validly (RFC 5545, 3.8.6.3). */
export function ringAt(at: number, description: string): Alarm {
  return { action: 'display', description, trigger: at };
}

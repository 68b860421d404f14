const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'short' });

/** "14:52", with the weekday when it is not today. */
export function clockTime(instant: string, now: Date = new Date()): string {
  const at = new Date(instant);
  const time = clock.format(at);
  return at.toDateString() === now.toDateString() ? time : `${weekday.format(at)} ${time}`;
}

/** The instant so many minutes after another. */
export function later(instant: string, minutes: number): string {
  return new Date(Date.parse(instant) + minutes * 60_000).toISOString();
}

/** "Friday 21 August" */
export function dayName(instant: string): string {
  return day.format(new Date(instant));
}

/** "45 min", "4 h", "4 h 27 min" */
export function minutesText(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  return whole % 60 === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
}

/** "0:45", "12:03", "3:59:10" */
export function countdown(seconds: number): string {
  const pad = (n: number) => String(n).padStart(2, '0');
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  return h > 0 ? `${h}:${pad(m)}:${pad(s)}` : `${m}:${pad(s)}`;
}

/** An instant as a date-and-time field writes it, by this device's clock. */
export function toField(instant: string): string {
  const at = new Date(instant);
  if (Number.isNaN(at.getTime())) return '';
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}

/** What a date-and-time field holds, as an instant with this device's offset; null while it is not whole. */
export function fromField(text: string): string | null {
  const at = new Date(text);
  return text === '' || Number.isNaN(at.getTime()) ? null : localInstant(at);
}

/**
 * An instant that tells this device's offset too, so that clock hours mean what they mean here. To the millisecond: of two taps in one
 * second the later must not come to stand before the earlier.
 */
export function localInstant(at: Date): string {
  const offset = -at.getTimezoneOffset();
  const pad = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0');
  const local = new Date(at.getTime() + offset * 60_000).toISOString().slice(0, -1);
  return `${local}${offset < 0 ? '-' : '+'}${pad(offset / 60)}:${pad(offset % 60)}`;
}

/** Minutes this device's clock is ahead of UTC. */
export function clockOffset(at: Date = new Date()): number {
  return -at.getTimezoneOffset();
}

/** The date on this device's calendar, as 2026-08-21. */
export function today(): string {
  return localInstant(new Date()).slice(0, 10);
}

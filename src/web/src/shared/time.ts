import { formatter, locale, offsetAt } from './zone';

// Every date and time of the page is written here, in the zone of the trip.

const dayForm: Intl.DateTimeFormatOptions = { weekday: 'long', day: 'numeric', month: 'long' };

/** "14:52", with the weekday when it is not today. */
export function clockTime(instant: string, now: Date = new Date()): string {
  const at = new Date(instant);
  const time = formatter({ hour: '2-digit', minute: '2-digit' }).format(at);
  return dateOf(at) === dateOf(now) ? time : `${formatter({ weekday: 'short' }).format(at)} ${time}`;
}

/** The instant so many minutes after another. */
export function later(instant: string, minutes: number): string {
  return new Date(Date.parse(instant) + minutes * 60_000).toISOString();
}

/** "Friday 21 August" */
export function dayName(instant: string): string {
  return formatter(dayForm).format(new Date(instant));
}

/** "Friday 21 August" for a date of the calendar, such as 2026-08-21. */
export function dateName(date: string): string {
  return new Intl.DateTimeFormat(locale, { ...dayForm, timeZone: 'UTC' }).format(new Date(`${date}T12:00Z`));
}

/** The date an instant falls on, as 2026-08-21. */
export function dateOf(at: Date): string {
  return localInstant(at).slice(0, 10);
}

/** The hour of the clock an instant falls in, 0 to 23. */
export function hourOf(at: Date): number {
  return Math.floor(clockHours(at));
}

/** A whole hour on an axis, "06:00": which day it is shows from where it stands. */
export function wholeHour(at: Date): string {
  return `${String(hourOf(at)).padStart(2, '0')}:00`;
}

/** How far into its day an instant is by the clock, h, 0 to 24. */
export function clockHours(at: Date): number {
  const [hours, minutes] = localInstant(at).slice(11, 16).split(':').map(Number);
  return hours + minutes / 60;
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

/** An instant as a date-and-time field writes it. */
export function toField(instant: string): string {
  const at = new Date(instant);
  return Number.isNaN(at.getTime()) ? '' : localInstant(at).slice(0, 16);
}

/**
 * What a date-and-time field holds, as an instant; null while it is not whole. An hour that summer time leaves out is the one after it,
 * one that its end brings twice is the first.
 */
export function fromField(text: string): string | null {
  const wall = Date.parse(`${text}Z`);
  if (text === '' || Number.isNaN(wall)) return null;
  const before = wall - offsetAt(new Date(wall - 12 * 3_600_000)) * 60_000;
  const after = wall - offsetAt(new Date(wall + 12 * 3_600_000)) * 60_000;
  const fits = [before, after].filter((at) => at + offsetAt(new Date(at)) * 60_000 === wall);
  return localInstant(new Date(fits.length > 0 ? Math.min(...fits) : before));
}

/**
 * An instant that tells the clock's offset there too, so that clock hours mean what they mean on the trip. To the millisecond: of two taps
 * in one second the later must not come to stand before the earlier.
 */
export function localInstant(at: Date): string {
  const offset = offsetAt(at);
  const pad = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0');
  const local = new Date(at.getTime() + offset * 60_000).toISOString().slice(0, -1);
  return `${local}${offset < 0 ? '-' : '+'}${pad(offset / 60)}:${pad(offset % 60)}`;
}

/** Minutes the clock is ahead of UTC. */
export function clockOffset(at: Date = new Date()): number {
  return offsetAt(at);
}

/** The clock's offset at noon of each of so many days from a date on, min; summer time and its end included. */
export function offsetsFrom(date: string, days: number): number[] {
  return Array.from({ length: days }, (_, i) => {
    const noon = new Date(Date.parse(`${date}T12:00Z`) + i * 24 * 3_600_000);
    return offsetAt(noon);
  });
}

/** Today's date, as 2026-08-21. */
export function today(): string {
  return dateOf(new Date());
}

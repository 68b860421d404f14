/** The first formatter of a language takes tens of milliseconds, on a phone many more: one language for all that is read and written. */
export const locale = 'en-GB';

/** The device's own zone. */
export const deviceZone = Intl.DateTimeFormat(locale).resolvedOptions().timeZone;

let zone = deviceZone;

/** Whether a zone is known here by this name. */
export function isZone(name: string): boolean {
  try {
    Intl.DateTimeFormat(locale, { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

/** The zone that every time and date of the page is told in: the trip's, else the device's. */
export function zoneNow(): string {
  return zone;
}

/** Lets the page speak another zone; one that is not known here leaves the device's. */
export function speakZone(name: string | null | undefined) {
  zone = name && isZone(name) ? name : deviceZone;
}

const readers = new Map<string, Intl.DateTimeFormat>();

/** A formatter of the zone spoken now; made once for each zone and form. */
export function formatter(form: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = JSON.stringify([zone, form]);
  let known = readers.get(key);
  if (!known) readers.set(key, (known = new Intl.DateTimeFormat(locale, { ...form, timeZone: zone })));
  return known;
}

const offsets = new Map<string, number>();
const mostOffsets = 4_000;

/** Minutes the clock of the zone spoken now is ahead of UTC at an instant; reckoned once for each minute that is asked about. */
export function offsetAt(at: Date): number {
  const key = `${zone} ${Math.floor(at.getTime() / 60_000)}`;
  let known = offsets.get(key);
  if (known === undefined) {
    if (offsets.size >= mostOffsets) offsets.clear();
    offsets.set(key, (known = reckonOffset(at)));
  }
  return known;
}

function reckonOffset(at: Date): number {
  const part = Object.fromEntries(
    formatter({
      hourCycle: 'h23',
      year: 'numeric',
      month: 'numeric',
      day: 'numeric',
      hour: 'numeric',
      minute: 'numeric',
      second: 'numeric',
      era: 'short',
    })
      .formatToParts(at)
      .map(({ type, value }) => [type, value]),
  );
  // A year is typed digit by digit: the second year of our era is one too, and not 1902.
  const year = Number(part.year);
  const wall = new Date(0);
  wall.setUTCFullYear(part.era === 'BC' ? 1 - year : year, Number(part.month) - 1, Number(part.day));
  wall.setUTCHours(Number(part.hour), Number(part.minute), Number(part.second), 0);
  return Math.round((wall.getTime() - Math.floor(at.getTime() / 1000) * 1000) / 60_000);
}

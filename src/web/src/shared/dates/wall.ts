import dayjs, { type Dayjs } from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat';
import updateLocale from 'dayjs/plugin/updateLocale';
import utc from 'dayjs/plugin/utc';

dayjs.extend(utc);
dayjs.extend(customParseFormat);
dayjs.extend(updateLocale);
// Weeks begin on Monday, as everywhere in the page.
dayjs.updateLocale('en', { weekStart: 1 });

// The hands of a clock and the leaf of a calendar as they are read, with no zone: 06:00 stays 06:00 on a day that has it twice.

const forms = { day: 'YYYY-MM-DD', minute: 'YYYY-MM-DDTHH:mm' } as const;

export type Fineness = keyof typeof forms;

/** What "2026-08-21" or "2026-08-21T06:00" says; null for nothing and for what is no day. */
export function asWall(text: string, fineness: Fineness): Dayjs | null {
  const read = dayjs.utc(text, forms[fineness], true);
  return text !== '' && read.isValid() ? read : null;
}

/** The same in text; empty while it is not whole. */
export function wallText(wall: Dayjs | null, fineness: Fineness): string {
  return wall?.isValid() ? wall.format(forms[fineness]) : '';
}

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asWall, wallText } from '../../src/shared/dates/wall';

describe('what a date field holds', () => {
  it('is read and written alike, whatever the day and the minute', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1900-01-01'), max: new Date('2200-01-01'), noInvalidDate: true }),
        (at) => {
          const minute = at.toISOString().slice(0, 16);
          expect(wallText(asWall(minute, 'minute'), 'minute')).toBe(minute);
          const day = minute.slice(0, 10);
          expect(wallText(asWall(day, 'day'), 'day')).toBe(day);
        },
      ),
    );
  });

  it('is nothing while it is half a date or no day of the calendar', () => {
    for (const text of ['', '2026-08', '2026-02-30', '2026-13-01', 'soon'])
      expect(asWall(text, 'day')).toBeNull();
    expect(asWall('2026-08-21', 'minute')).toBeNull();
    expect(wallText(null, 'day')).toBe('');
  });

  it('keeps its hour on a day on which the clocks change', () => {
    expect(wallText(asWall('2027-03-28T02:30', 'minute'), 'minute')).toBe('2027-03-28T02:30');
  });
});

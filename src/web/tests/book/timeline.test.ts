import fc from 'fast-check';
import { v7 } from 'uuid';
import { expect, test } from 'vitest';
import { madeAt, timeline } from '../../src/rooms/book/timeline';
import { withoutTwins } from '../../src/rooms/book/files/withoutTwins';
import type { BookLines, Entry, Line } from '../../src/store/bookLines';
import { dateOf } from '../../src/shared/time';

const start = Date.UTC(2026, 7, 21, 6);
const instant = fc.integer({ min: 0, max: 6 * 24 * 60 }).map((minutes) => start + minutes * 60_000);
const anyLine = fc
  .tuple(fc.uuid({ version: 7 }), instant)
  .map(([id, at]) => ({ id, body: { kind: 'noted', at: new Date(at).toISOString() } }) as unknown as Line);
const anyBatch = instant.map((msecs) => v7({ msecs }));

const bookOf = (lines: Line[], replaced: Line[] = []) =>
  ({
    standing: lines.filter((line) => !replaced.includes(line)),
    replacedBy: new Map(replaced.map((line) => [line.id, lines[0]])),
  }) as unknown as BookLines;

test('every line and batch stands once, the newest first, under its own day', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(anyLine, { selector: ({ id }) => id, maxLength: 20 }),
      fc.uniqueArray(anyBatch, { maxLength: 8 }),
      (lines, batches) => {
        const rows = timeline(batches, lines, bookOf(lines));
        const entries = rows.filter((row) => row.type !== 'day');
        expect(entries.map(({ key }) => key).sort()).toEqual(
          [...lines.map(({ id }) => id), ...batches].sort(),
        );
        const times = entries.map(({ at }) => at);
        expect(times).toEqual([...times].sort((a, b) => b - a));
        let day = '';
        const days: string[] = [];
        for (const row of rows) {
          if (row.type === 'day') days.push((day = row.day));
          else expect(dateOf(new Date(row.at))).toBe(day);
        }
        expect(new Set(days).size).toBe(days.length);
      },
    ),
  );
});

test('a line that no longer stands is shown, and counted in no day', () => {
  const lines = [1, 2].map(
    (n) =>
      ({
        id: v7({ msecs: start + n }),
        body: { kind: 'noted', at: new Date(start + n).toISOString() },
      }) as unknown as Line,
  );
  const rows = timeline([], lines, bookOf(lines, [lines[1]]));
  expect(rows.filter((row) => row.type === 'line')).toHaveLength(2);
  const [day] = rows.filter((row) => row.type === 'day');
  expect(day.lines).toEqual([lines[0]]);
});

test('an id tells when it was made', () => {
  fc.assert(
    fc.property(instant, (msecs) => {
      expect(madeAt(v7({ msecs }))).toBe(msecs);
    }),
  );
});

test('a file taken in twice changes nothing, whatever the offset its instants are written in', () => {
  const drank: Entry = { kind: 'drank', at: '2026-08-21T08:00:00Z', litres: 0.25, walkerId: null };
  const same: Entry = { kind: 'drank', litres: 0.25, at: '2026-08-21T10:00:00+02:00' };
  const more: Entry = { kind: 'drank', at: '2026-08-21T08:00:00Z', litres: 0.5 };
  const standing = [{ id: 'a', body: drank }] as unknown as Line[];
  expect(withoutTwins([same, more], standing)).toEqual({ fresh: [more], known: 1 });
});

import fc from 'fast-check';
import { expect, test } from 'vitest';
import type { Response } from '../../src/core/contract';
import { askRows } from '../../src/rooms/treat/ask/askOrder';

type Question = Response<'what-matters'>['questions'][number];
const fields = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
const question = (field: string) => ({ field }) as Question;
const some = fc.subarray(fields).map((names) => names.map(question));

test('a field that is open stays in its place when its own answer takes it off the list', () => {
  const before = askRows(fields.map(question), { field: 'c', at: 2 }, 5);
  const after = askRows(fields.filter((f) => f !== 'c').map(question), { field: 'c', at: 2 }, 5);
  expect(before.map(({ field }) => field)).toEqual(['a', 'b', 'c', 'd', 'e']);
  expect(after.map(({ field }) => field)).toEqual(before.map(({ field }) => field));
  expect(after[2].question).toBeNull();
});

test('whatever is open is shown once, and no more rows than fit', () => {
  fc.assert(
    fc.property(some, fc.constantFrom(...fields), fc.nat(6), (questions, field, at) => {
      const rows = askRows(questions, { field, at }, 5);
      expect(rows.filter((row) => row.field === field)).toHaveLength(1);
      expect(rows.length).toBeLessThanOrEqual(5);
      expect(new Set(rows.map((row) => row.field)).size).toBe(rows.length);
    }),
  );
});

import { expect, test } from 'vitest';
import type { Problem } from '../../src/core/contract';
import { fieldMessage, otherMessage } from '../../src/shared/fieldMessage';

const problem = (...fields: string[]): Problem => ({
  type: '/problems/bad-input',
  title: 'Something entered can’t be right.',
  status: 400,
  detail: 'All of it.',
  errors: fields.map((field) => ({ field, message: `${field} is wrong.`, allowed: '1 to 2' })),
});

test('a field shows what is said of it, and nothing of another', () => {
  expect(fieldMessage(problem('massKg', 'heightCm'), 'heightCm')).toBe('heightCm is wrong.');
  expect(fieldMessage(problem('massKg'), 'heightCm')).toBeUndefined();
  expect(fieldMessage(null, 'massKg')).toBeUndefined();
});

test('what no field of the form shows is said beside it: nothing is swallowed', () => {
  expect(otherMessage(problem('massKg', 'heightCm', 'name'), ['massKg'])).toBe(
    'heightCm is wrong. name is wrong.',
  );
  expect(otherMessage(problem('massKg'), ['massKg'])).toBeNull();
  expect(otherMessage(null, ['massKg'])).toBeNull();
  // A problem of the whole request names no field.
  expect(otherMessage(problem(), ['massKg'])).toBe('All of it.');
});

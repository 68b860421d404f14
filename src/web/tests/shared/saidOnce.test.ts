import { expect, test } from 'vitest';
import { saidOnce } from '../../src/shared/saidOnce';

const problem = (...messages: string[]) => ({
  title: 'This cannot be right',
  type: '',
  detail: '',
  status: 400,
  errors: messages.map((message, i) => ({ field: `sources[${i}].alongKm`, message, allowed: null })),
});

test('what is said of many records is said once, in the order it came, with how often', () => {
  expect(saidOnce(problem('Too far.', 'No name.', 'Too far.', 'Too far.'))).toEqual([
    'Too far. (3 times)',
    'No name.',
  ]);
  expect(saidOnce(null)).toEqual([]);
});

import { expect, test } from 'vitest';
import { recordSchemas } from '../../src/core/recordSchemas';
import { nameRecord } from '../../src/shared/nameRecord';

test('every kind of record is called what a person calls it, even where its body is not here', () => {
  for (const kind of Object.keys(recordSchemas)) {
    const name = nameRecord(kind, undefined);
    expect(name, kind).not.toBe(kind);
    expect(name, kind).not.toMatch(/undefined|null/);
  }
});

test('what has a name of its own goes by it', () => {
  expect(nameRecord('kit-item', { kind: 'container', name: 'Steel bottle' })).toBe('Kit: Steel bottle');
  expect(nameRecord('batch', { container: 'Camp bag' })).toBe('Batch in Camp bag');
  expect(nameRecord('route', { name: 'Over the fell' })).toBe('Route: Over the fell');
  expect(nameRecord('walker', { name: 'Torren' })).toBe('Walker: Torren');
  expect(nameRecord('trip-source', { name: 'Sinking brook' })).toBe('Source: Sinking brook');
  expect(nameRecord('day', { name: 'Beck terrace' })).toBe('Day: Beck terrace');
});

test('a kind from a newer page goes by its own name', () => {
  expect(nameRecord('moon-phase', {})).toBe('moon-phase');
});

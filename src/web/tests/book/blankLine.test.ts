import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { asKind, blankLine } from '../../src/rooms/book/write/blankLine';
import type { EntryKind } from '../../src/store/bookLines';

interface Schemas {
  components: {
    schemas: Record<string, { required?: string[]; discriminator?: { mapping: Record<string, string> } }>;
  };
}

const { schemas } = (
  JSON.parse(
    readFileSync(new URL('../../../JollyBrook.Server/openapi/jolly-brook.json', import.meta.url), 'utf8'),
  ) as Schemas
).components;
const kinds = schemas.BookLine.discriminator!.mapping;
const at = '2026-08-21T12:00:00Z';

test('every kind of line has a blank with each field that has to be told', () => {
  for (const [kind, ref] of Object.entries(kinds)) {
    const line = blankLine(kind as EntryKind, at, 0.25);
    expect(line.kind).toBe(kind);
    expect(line.at).toBe(at);
    for (const field of schemas[ref.split('/').at(-1)!].required ?? [])
      expect(line, kind).toHaveProperty(field);
  }
});

test('a drink of which nobody said how large is the usual one, and nothing else is guessed', () => {
  expect(blankLine('drank', at, 0.25)).toEqual({ kind: 'drank', at, litres: 0.25 });
  expect(blankLine('counted', at, 0.25)).toEqual({ kind: 'counted', at, itemId: null, left: null });
});

test('an address names a kind that is written by hand, or none', () => {
  for (const kind of Object.keys(kinds))
    expect(asKind(kind)).toBe(['filterLookedOver', 'takenBack'].includes(kind) ? null : kind);
  expect(asKind(undefined)).toBeNull();
  expect(asKind('constructor')).toBeNull();
  expect(asKind('tea')).toBeNull();
});

import fc from 'fast-check';
import { expect, test } from 'vitest';
import { pack, readBundle, unpack, type Bundle } from '../../src/handover/bundle';
import { countOf } from '../../src/handover/frames';

const anyBundle: fc.Arbitrary<Bundle> = fc
  .record({
    from: fc.string(),
    title: fc.string(),
    books: fc.array(
      fc.record({ id: fc.uuid(), records: fc.array(fc.record({ kind: fc.constant('book-line'), id: fc.uuid(), schema: fc.constant(1), body: fc.constant({ kind: 'note' }) })) }),
      { maxLength: 4 },
    ),
  })
  .map((part) => ({ format: 'jolly-brook-handover', version: 1, madeAt: '2026-08-21T08:00:00Z', ...part }) as unknown as Bundle); // prettier-ignore

test('what is packed comes back', async () => {
  await fc.assert(
    fc.asyncProperty(anyBundle, async (bundle) => {
      expect(await unpack(await pack(bundle))).toEqual(bundle);
    }),
  );
});

test('cut short, or with a byte that fell over, it is refused whole or the same', async () => {
  await fc.assert(
    fc.asyncProperty(anyBundle, fc.nat(), async (bundle, at) => {
      const packed = await pack(bundle);
      await expect(unpack(packed.slice(0, at % packed.length))).rejects.toThrow();
    }),
  );
});

test('what is no bundle is refused with what to do', () => {
  for (const text of [
    '',
    '{',
    'null',
    '[]',
    '{"format":"jolly-brook-handover"}',
    '{"format":"jolly-brook-handover","version":2,"from":"","title":"","madeAt":"","books":[]}',
    '{"format":"jolly-brook-handover","version":1,"from":"","title":"","madeAt":"","books":[{"id":1,"records":[]}]}',
  ])
    expect(() => readBundle(text)).toThrow(/again|Hand over/u);
});

test('what unpacks to more than is ever handed over is refused', async () => {
  const bomb = await pack({
    format: 'jolly-brook-handover',
    version: 1,
    from: 'x'.repeat(8 * 1024 * 1024),
    title: '',
    madeAt: '',
    books: [],
  });
  expect(bomb.length).toBeLessThan(64 * 1024);
  await expect(unpack(bomb)).rejects.toThrow(/damaged/u);
});

/** Ids of their own and a walker each, as real lines have them. */
test('twenty lines go into two codes', async () => {
  const id = (n: number) =>
    `0198d4c0-${(0x1000 + n * 37).toString(16)}-7${((n * 2654435761) >>> 20).toString(16).padStart(3, '0').slice(-3)}-8abc-${((n * 1597334677) >>> 0).toString(16).padStart(12, '5')}`;
  const records = Array.from({ length: 20 }, (_, n) => ({
    kind: 'book-line',
    id: id(n),
    schema: 1,
    body: {
      kind: 'drank',
      at: `2026-08-21T${String(8 + Math.floor(n / 4)).padStart(2, '0')}:${String((n * 13) % 60).padStart(2, '0')}:00Z`,
      walkerId: id(100 + (n % 2)),
      litres: 0.25,
      containerId: id(200 + (n % 3)),
    },
  }));
  const bundle = {
    format: 'jolly-brook-handover',
    version: 1,
    from: 'Ilva',
    title: 'Book',
    madeAt: '2026-08-21T14:00:00Z',
    books: [{ id: id(500), records }],
  } as unknown as Bundle;
  expect(countOf((await pack(bundle)).length)).toBeLessThanOrEqual(2);
});

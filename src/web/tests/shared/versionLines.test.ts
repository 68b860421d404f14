import fc from 'fast-check';
import { expect, test } from 'vitest';
import { lines } from '../../src/shared/versionLines';

test('two versions are laid side by side, field by field, and what is empty in both is left out', () => {
  const mine = { name: 'Squeeze filter', filter: { ratedFlowLPerMin: 1.2, isDry: true }, bag: null };
  const theirs = { name: 'Squeeze filter', filter: { ratedFlowLPerMin: 0.8, isDry: false }, note: 'slow' };
  expect(lines(mine, theirs)).toEqual([
    { path: 'name', name: 'Name', mine: 'Squeeze filter', theirs: 'Squeeze filter', differs: false },
    {
      path: 'filter.ratedFlowLPerMin',
      name: 'Rated flow L per min',
      mine: '1.2',
      theirs: '0.8',
      differs: true,
    },
    { path: 'filter.isDry', name: 'Is dry', mine: 'yes', theirs: 'no', differs: true },
    { path: 'note', name: 'Note', mine: '—', theirs: 'slow', differs: true },
  ]);
});

test('entries of a list are fields by their place', () => {
  expect(lines({ steps: [{ id: 'a' }, { id: 'b' }] }, { steps: [{ id: 'a' }] })).toMatchObject([
    { path: 'steps.0.id', differs: false },
    { path: 'steps.1.id', mine: 'b', theirs: '—', differs: true },
  ]);
});

const record = fc.dictionary(
  fc.stringMatching(/^[a-z][a-zA-Z]{0,8}$/),
  fc.oneof(
    fc.string({ minLength: 1 }).filter((s) => s !== '—'),
    fc.integer(),
    fc.boolean(),
    fc.constant(null),
    fc.dictionary(fc.stringMatching(/^[a-z]{1,5}$/), fc.integer()),
  ),
);

test('a record differs from itself in nothing, and the other way round the same fields differ', () => {
  fc.assert(
    fc.property(record, record, (mine, theirs) => {
      expect(lines(mine, mine).filter((l) => l.differs)).toEqual([]);
      const there = lines(mine, theirs).map((l) => [l.path, l.mine, l.theirs, l.differs]);
      const back = lines(theirs, mine).map((l) => [l.path, l.theirs, l.mine, l.differs]);
      const byPath = (a: unknown[], b: unknown[]) => (String(a[0]) < String(b[0]) ? -1 : 1);
      expect(there.sort(byPath)).toEqual(back.sort(byPath));
    }),
  );
});

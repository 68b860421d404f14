import { expect, test } from 'vitest';
import type { Schema } from '../../src/core/contract';
import { markOf } from '../../src/rooms/route/map/mapMarks';

const inks = { ink: '#111', water: '#0aa', stop: '#a00', paper: '#ffe' };
const mark = (stop: Partial<Schema<'PlanStop'>>, isSelected = false) =>
  markOf(
    { kind: 'source', chance: 0.97, trusted: true, planned: false, ...stop } as Schema<'PlanStop'>,
    inks,
    isSelected,
  );

test('no two meanings share a mark, so that none is told by colour alone', () => {
  const marks = [
    mark({}),
    mark({ planned: true }),
    mark({ trusted: false, chance: 0.3 }),
    mark({ chance: null }),
    mark({ kind: 'camp' }),
    mark({ kind: 'bailOut' }),
    mark({ kind: 'start' }),
  ].map((svg) => svg.replaceAll(/(fill|stroke)="#\w+"/g, ''));
  expect(new Set(marks).size).toBe(marks.length);
});

test('one that may be dry is hollow and broken, one not to be used is crossed out', () => {
  expect(mark({ trusted: false })).toContain('stroke-dasharray');
  expect(mark({ trusted: false })).toContain(`fill="${inks.paper}"`);
  expect(mark({})).not.toContain('stroke-dasharray');
  expect(mark({ chance: null })).toContain(inks.stop);
  expect(mark({ chance: null, planned: true })).not.toContain('circle');
});

test('what is chosen has a ring, and nothing else changes', () => {
  const [plain, chosen] = [mark({ planned: true }), mark({ planned: true }, true)];
  expect(chosen).toContain('r="19"');
  expect(chosen.replace(/<circle cx="22" cy="22" r="19"[^>]*\/>/, '')).toBe(plain);
});

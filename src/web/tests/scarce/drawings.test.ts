import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { builtThings } from '../../src/rooms/scarce/drawing/builtThings';
import { waysDrawn } from '../../src/rooms/scarce/drawing/waysDrawn';

const core = join(import.meta.dirname, '../../../JollyBrook.Core/Scarcity');
const idsIn = (folder: string, pattern: RegExp) =>
  readdirSync(join(core, folder)).flatMap((file) =>
    [...readFileSync(join(core, folder, file), 'utf8').matchAll(pattern)].map((found) => found[1]),
  );

test('every way of making water is drawn', () => {
  const ids = idsIn('Ways', /new WayPlan\("([^"]+)"/g);
  expect(ids.length).toBeGreaterThan(10);
  expect(ids.filter((id) => waysDrawn[id] === undefined)).toEqual([]);
});

test('nothing is drawn beyond its field', () => {
  for (const { ink, water } of [...Object.values(builtThings), ...Object.values(waysDrawn)].map((d) => d!)) {
    // Where a pen is set down is absolute; what follows is small.
    for (const [, x, y] of `${ink} ${water}`.matchAll(/M(-?[\d.]+)[ ,]?(-?[\d.]+)/g)) {
      expect(Number(x)).toBeGreaterThanOrEqual(0);
      expect(Number(x)).toBeLessThanOrEqual(72);
      expect(Number(y)).toBeGreaterThanOrEqual(0);
      expect(Number(y)).toBeLessThanOrEqual(72);
    }
  }
});

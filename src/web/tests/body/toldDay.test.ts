import { beforeEach, expect, test, vi } from 'vitest';
import { tellDay, toldDay } from '../../src/rooms/body/watch/toldDay';

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  });
});

const noon = new Date(2026, 8, 3, 12);

test('of a new day nothing is told', () => {
  expect(toldDay('ilva', noon)).toEqual({
    from: null,
    setOut: null,
    arrived: null,
    airC: null,
    rested: false,
  });
});

test('what was told of one walker stands until the next morning, and for nobody else', () => {
  const told = { ...toldDay('ilva', noon), airC: 34, rested: true };
  tellDay('ilva', told, noon);
  tellDay('torren', { ...toldDay('torren', noon), airC: 20 }, noon);
  expect(toldDay('ilva', new Date(2026, 8, 3, 23))).toMatchObject(told);
  expect(toldDay('ilva', new Date(2026, 8, 4, 6, 59))).toMatchObject(told);
  expect(toldDay('ilva', new Date(2026, 8, 4, 7))).toMatchObject({ airC: null, rested: false });
  expect(toldDay('sorrel', noon).airC).toBeNull();
});

test('yesterday is put aside when today is told of', () => {
  tellDay('ilva', { ...toldDay('ilva', noon), airC: 34 }, noon);
  const tomorrow = new Date(2026, 8, 4, 12);
  tellDay('torren', { ...toldDay('torren', tomorrow), airC: 20 }, tomorrow);
  expect([...kept.values()].join('')).not.toContain('ilva');
});

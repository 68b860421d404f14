import { expect, test } from 'vitest';
import { more, moreList, places, rooms, shortOfWater } from '../../src/app/rooms';

test('every room has an address, a name and a key of its own', () => {
  for (const part of ['path', 'name', 'shortcut'] as const) {
    const all = rooms.map((room) => room[part]);
    expect(new Set(all).size, part).toBe(all.length);
  }
  for (const { path, shortcut } of rooms) {
    expect(path).toMatch(/^\/[a-z]+$/);
    expect(shortcut).toHaveLength(1);
  }
});

test('no address begins with another, or one would light up in the other’s stead', () => {
  for (const { path } of rooms)
    expect(rooms.filter((other) => other.path.startsWith(path)).map((other) => other.path)).toEqual([path]);
});

test('from a thumb every room is one tap away, or two', () => {
  expect(places).toHaveLength(4);
  expect(new Set([...places, ...more, moreList, shortOfWater])).toEqual(new Set(rooms));
  for (const { what } of [...places, ...more, shortOfWater]) expect(what).not.toBe('');
});

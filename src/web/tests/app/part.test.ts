import { expect, test, vi } from 'vitest';
import { partOf } from '../../src/app/part';

test('a part is fetched once, told to who waits for it, and here from then on', async () => {
  const load = vi.fn(() => Promise.resolve({ Room: 'kit' }));
  const part = partOf(load);
  const told = vi.fn();
  part.subscribe(told);
  expect(part.current()).toBeNull();
  expect(await part.fetch()).toEqual({ Room: 'kit' });
  expect(part.current()).toEqual({ Room: 'kit' });
  expect(told).toHaveBeenCalledTimes(1);
  await part.fetch();
  expect(load).toHaveBeenCalledTimes(1);
  expect(told).toHaveBeenCalledTimes(1);
});

test('one that can’t be had is asked for again by the next', async () => {
  let isInReach = false;
  const part = partOf(() =>
    isInReach ? Promise.resolve('rooms') : Promise.reject(new TypeError('no signal')),
  );
  await expect(part.fetch()).rejects.toThrow('no signal');
  expect(part.current()).toBeNull();
  isInReach = true;
  expect(await part.fetch()).toBe('rooms');
  expect(part.current()).toBe('rooms');
});

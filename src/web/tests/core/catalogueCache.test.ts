import { beforeEach, expect, test, vi } from 'vitest';
import type { Catalogue } from '../../src/core/contract';
import { Storage } from '../store/Storage';

type Cache = typeof import('../../src/core/catalogueCache');

/** The cache as a page finds it that has just been opened. */
async function opened(): Promise<Cache> {
  vi.resetModules();
  return import('../../src/core/catalogueCache');
}

const metric = { units: 'metric', clarities: [] } as unknown as Catalogue;
const us = { units: 'us', clarities: [] } as unknown as Catalogue;

beforeEach(() => {
  vi.stubGlobal('localStorage', new Storage());
});

test('the catalogue of this build is there on the next visit, each for its units', async () => {
  const first = await opened();
  expect(first.keptCatalogue('metric')).toBeNull();
  first.keepCatalogue(metric);
  const next = await opened();
  expect(next.keptCatalogue('metric')).toEqual(metric);
  expect(next.keptCatalogue('us')).toBeNull();
  next.keepCatalogue(us);
  expect((await opened()).keptCatalogue('us')).toEqual(us);
});

test('the same page gets the same object each time, so that nothing is drawn anew for it', async () => {
  const page = await opened();
  page.keepCatalogue(metric);
  expect(page.keptCatalogue('metric')).toBe(metric);
  page.keepCatalogue({ ...metric });
  expect(page.keptCatalogue('metric')).toBe(metric);
});

test('one of another build is not believed, nor one that was damaged', async () => {
  (await opened()).keepCatalogue(metric);
  const key = 'jolly-brook-catalogue-metric';
  vi.stubGlobal('__BUILD__', 'another');
  expect((await opened()).keptCatalogue('metric')).toBeNull();
  localStorage.setItem(key, '1234:{"build":');
  expect((await opened()).keptCatalogue('metric')).toBeNull();
});

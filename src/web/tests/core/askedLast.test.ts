import { beforeEach, expect, test, vi } from 'vitest';
import type { TreatRequest, TreatResponse } from '../../src/core/contract';
import { recallAsked, rememberAsked } from '../../src/core/askedLast';
import { recall } from '../../src/core/core';
import { Storage } from '../store/Storage';

vi.mock('../../src/core/core', () => ({ recall: vi.fn() }));

const request = { units: 'metric', water: null, method: null } as unknown as TreatRequest;
const response = { headline: '1 min at a rolling boil' } as TreatResponse;

beforeEach(() => {
  vi.stubGlobal('localStorage', new Storage());
  vi.mocked(recall).mockClear();
});

test('Water opens with what was asked last', () => {
  recallAsked('/treat');
  expect(recall).not.toHaveBeenCalled();
  rememberAsked(request, response);
  for (const path of ['/', '/treat', '/treat/choose']) recallAsked(path);
  expect(recall).toHaveBeenCalledTimes(3);
  expect(recall).toHaveBeenLastCalledWith('treat', request, response);
});

test('no other room does', () => {
  rememberAsked(request, response);
  for (const path of ['/now', '/route', '/kit/check', '/book']) recallAsked(path);
  expect(recall).not.toHaveBeenCalled();
});

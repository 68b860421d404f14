import { expect, test } from 'vitest';
import type { PlanRequest, Response } from '../../src/core/contract';
import { plannedBefore } from '../../src/rooms/now/here/plannedBefore';

const stop = {
  id: 'spring',
  name: 'Spring',
  met: 'inPassing',
  alongKm: 8,
  day: 1,
  arriveHour: 10.5,
  takeL: 2,
  leaveL: 3,
  words: 'Take 2 L',
};

test('of a plan its stops, what it carries and the reports it went by are told against, and no more', () => {
  const plan = { stops: [stop], carried: [{ km: 0, value: 3 }], headline: 'Leave with 3 L' };
  const source = { name: 'Spring', class: 'perennial', alongKm: 8, reportedAt: '2026-08-20T12:00:00Z' };
  const asked = { route: null, sources: [{ id: 'spring', source }] };
  expect(plannedBefore(plan as unknown as Response<'plan'>, asked as unknown as PlanRequest)).toEqual({
    stops: [{ id: 'spring', met: 'inPassing', alongKm: 8, day: 1, arriveHour: 10.5, takeL: 2 }],
    carried: [{ km: 0, value: 3 }],
    reports: [{ id: 'spring', reportedAt: '2026-08-20T12:00:00Z' }],
  });
});

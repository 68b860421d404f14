import ICAL from 'ical.js';
import { expect, test } from 'vitest';
import { alarmOf } from '../../src/rooms/now/batchAlarm';
import type { Batch } from '../../src/store/batches';

const batch = {
  id: 'b1',
  container: 'Steel bottle',
  answer: { methodName: 'Tablets', headline: '2 tablets, 4 h' },
} as unknown as Batch;

const clock = (endsAt: string) =>
  ({ stepId: 'wait', endsAt, remainingSeconds: 60 }) as Parameters<typeof alarmOf>[1];

const eventOf = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getFirstSubcomponent('vevent')!;

test('rings at the very instant the batch is ready, in whatever zone that is told', () => {
  const event = eventOf(alarmOf(batch, clock('2026-08-10T18:00:00+01:00'), 'Contact'));
  expect(event.getFirstPropertyValue('summary')).toBe('Water ready: Steel bottle');
  expect(event.getFirstPropertyValue('dtstart')?.toString()).toBe('2026-08-10T17:00:00Z');
  const alarm = event.getFirstSubcomponent('valarm')!;
  expect(alarm.getFirstPropertyValue('trigger')?.toString()).toBe('2026-08-10T17:00:00Z');
  expect(event.getFirstPropertyValue('description')).toBe('Tablets, 2 tablets, 4 h. Contact');
});

test('saved again after a change, it moves the entry it made before', () => {
  const [before, after] = ['2026-08-10T18:00:00Z', '2026-08-10T18:30:00Z'].map((at) =>
    eventOf(alarmOf(batch, clock(at), 'Contact')),
  );
  expect(after.getFirstPropertyValue('uid')).toBe(before.getFirstPropertyValue('uid'));
  expect(after.getFirstPropertyValue('dtstart')?.toString()).toBe('2026-08-10T18:30:00Z');
});

import { expect, test } from 'vitest';
import { drunkBatch } from '../../src/rooms/book/lookback/drunkBatch';
import type { Batch } from '../../src/store/batches';

const now = '2026-08-21T18:00:00Z';

type Tap = Pick<Batch['taps'][number], 'kind' | 'stepId' | 'at'>;

const batch = (drinkableAt: string | null, taps: Tap[]) =>
  ({
    id: 'b',
    container: 'Bladder',
    answer: {
      methodName: 'Chlorine tablets',
      drinkableAt,
      ledger: [{ organism: 'viruses', totalLogs: 4, targetLogs: 4 }],
    },
    taps,
  }) as unknown as Batch;

const drank: Tap = { kind: 'done', stepId: 'drink', at: '2026-08-21T12:30:00Z' };
const dosed: Tap = { kind: 'done', stepId: 'dose', at: '2026-08-21T11:00:00Z' };

test('a batch was drunk when that was tapped', () => {
  expect(drunkBatch(batch('2026-08-21T12:00:00Z', [dosed, drank]), now)).toEqual({
    id: 'b',
    container: 'Bladder',
    drunkAt: drank.at,
    method: 'Chlorine tablets',
    ledger: [{ organism: 'viruses', logs: 4 }],
  });
});

test('where nobody tapped, it may have been drunk as soon as it could be', () => {
  expect(drunkBatch(batch('2026-08-21T12:00:00Z', [dosed]), now).drunkAt).toBe('2026-08-21T12:00:00Z');
  expect(drunkBatch(batch('2026-08-21T18:00:00Z', [dosed]), now).drunkAt).toBe(now);
});

test('one that is not ready yet, never was to be, or was thrown away was not drunk', () => {
  expect(drunkBatch(batch('2026-08-21T18:00:01Z', [dosed]), now).drunkAt).toBeNull();
  expect(drunkBatch(batch(null, [dosed]), now).drunkAt).toBeNull();
  const away: Tap = { kind: 'discarded', stepId: null, at: '2026-08-21T13:00:00Z' };
  expect(drunkBatch(batch('2026-08-21T12:00:00Z', [dosed, away]), now).drunkAt).toBeNull();
  // Thrown away by mistake and brought back.
  const back: Tap = { kind: 'undone', stepId: null, at: '2026-08-21T13:01:00Z' };
  expect(drunkBatch(batch('2026-08-21T12:00:00Z', [dosed, away, back]), now).drunkAt).toBe(
    '2026-08-21T12:00:00Z',
  );
});

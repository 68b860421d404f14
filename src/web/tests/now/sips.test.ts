import { expect, test } from 'vitest';
import { soonestFirst } from '../../src/rooms/now/order';
import { hiddenWater } from '../../src/rooms/now/sips/hiddenWater';
import type { BatchProgress } from '../../src/core/contract';
import type { ContainerInHand } from '../../src/store/InHandContext';

test('what can’t be seen is asked about with what the log says is in it', () => {
  const bladder = {
    id: 'b',
    name: 'Bladder',
    litres: 1.2,
    hidden: { since: '2026-08-21T08:00:00Z', drinkerId: null },
  };
  const bottle = { id: 'c', name: 'Bottle', litres: 1, hidden: null };
  expect(hiddenWater([bottle, bladder] as unknown as ContainerInHand[])).toEqual([
    { id: 'b', name: 'Bladder', litres: 1.2, since: '2026-08-21T08:00:00Z', drinkerId: null },
  ]);
});

test('the batch that wants a hand soonest comes first', () => {
  const batch = (progress: object) => ({ progress: { steps: [], ...progress } as unknown as BatchProgress });
  const ends = (at: string) => batch({ clock: { endsAt: `2026-08-21T${at}:00Z` } });
  const waits = batch({
    clock: null,
    currentStepId: 'dose',
    steps: [{ step: { id: 'dose' }, startedAt: '2026-08-21T08:20:00Z' }],
  });
  const all = [ends('09:00'), waits, ends('08:10')];
  expect(all.toSorted(soonestFirst)).toEqual([all[2], all[1], all[0]]);
});

import type { Schema } from '../../../core/contract';

const nothingL = 0.02;

/** Containers that may be filled, the largest first: those that are empty, and none that has water of another kind in it. */
export function freeRoom(containers: Schema<'ContainerInHand'>[]): Schema<'FreeRoom'>[] {
  return containers
    .filter(({ isPot, water }) => !isPot && water.is === 'empty')
    .map(({ id, name, capacityL, litres }) => ({ id, name, roomL: capacityL - litres }))
    .filter(({ roomL }) => roomL > nothingL)
    .toSorted((a, b) => b.roomL - a.roomL);
}

import type { ContainerInHand } from '../../../store/InHandContext';

/** Of the water that may be drunk, meets its target and is not stale, what must be drunk soonest; without a time, the fullest. */
export function drinkFirst(containers: ContainerInHand[]): ContainerInHand | undefined {
  const open = containers.filter(
    ({ water, cleanSideDirty, litres }) =>
      litres > 0 && !cleanSideDirty && water.is === 'clean' && !water.stale && water.shortOf.length === 0,
  );
  const by = ({ water }: ContainerInHand) =>
    water.is === 'clean' && water.drinkBy ? Date.parse(water.drinkBy) : Infinity;
  return open.toSorted((a, b) => (by(a) === by(b) ? b.litres - a.litres : by(a) - by(b)))[0];
}

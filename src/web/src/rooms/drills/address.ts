import type { Schema } from '../../core/contract';

/** A drill's own address: the same one is the same drill anywhere. */
export function drillAddress(drill: Pick<Schema<'OfferedDrill'>, 'seed' | 'level' | 'focus'>): string {
  const focus = drill.focus === null ? '' : `&focus=${drill.focus}`;
  return `/drills/play?seed=${drill.seed}&level=${drill.level}${focus}`;
}

import type { Item } from '../../store/kitItems';

/** What a vessel looks like to the one who carries it. */
export type VesselShape = 'bottle' | 'bladder' | 'bag' | 'mug' | 'pot';

/** From this volume on a soft vessel hangs in camp rather than lying in a pack, litres. */
const campBagL = 4;
/** Up to this volume a pot is drunk from, litres. */
const mugL = 0.8;

/** How a thing of the kit that holds water is drawn; a bottle where nothing else is known of it. */
export function vesselShape(item: Item | undefined): VesselShape {
  if (item?.kind === 'pot') return (item.volumeL ?? Infinity) <= mugL ? 'mug' : 'pot';
  if (item?.kind !== 'container') return 'bottle';
  if (item.squeezable && (item.volumeL ?? 0) >= campBagL) return 'bag';
  if (item.hasHose || (item.squeezable && !item.heatSafe)) return 'bladder';
  return 'bottle';
}

export const vesselSize = { width: 44, height: 72, top: 16, bottom: 70 };

/** Outlines on a field of 44 × 72: the body, which fills from 70 up to 16, and what hangs on it. */
export const vesselOutlines: Record<VesselShape, { body: string; beside?: string }> = {
  bottle: { body: 'M16 3h12v7q0 3 4 5q6 3 6 9v40q0 6-6 6H12q-6 0-6-6V24q0-6 6-9q4-2 4-5z' },
  bladder: {
    body: 'M10 14q8-5 16 0q6 13 7 30v14q0 12-9 12H12q-9 0-9-12V44q1-17 7-30z',
    beside: 'M15 11q0-7 3-7t3 7M29 69q12 0 12-14V32',
  },
  bag: { body: 'M5 14h34v48q0 8-8 8H13q-8 0-8-8z', beside: 'M9 14V8h26v6M16 8q0-5 6-5t6 5' },
  mug: { body: 'M4 16h28v48q0 6-6 6H10q-6 0-6-6z', beside: 'M32 28h3q7 0 7 8v12q0 8-7 8h-3' },
  pot: { body: 'M4 16h36v48q0 6-6 6H10q-6 0-6-6z', beside: 'M1 24h3m36 0h3M16 16q0-6 6-6t6 6' },
};

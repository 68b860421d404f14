import type { Schema } from '../../core/contract';
import type { Entry } from '../../store/bookLines';
import { sameJson } from '../../shared/sameJson';
import type { Item } from '../../store/kitItems';

/** What the log says of a piece, and its owner may tell anew: how much is left, and what a filter has been through. */
export interface Told {
  left: number | null;
  filter: Schema<'FilterState'> | null;
}

/** A new filter, of which only the flow is known: nothing has clogged it. */
const newFilter: Schema<'FilterState'> = {
  usedL: null,
  clogLoadLNtu: 0,
  lostShare: 0,
  wetted: 'unknown',
  frozen: 'unknown',
  dropped: 'unknown',
  newOrStored: false,
};

/** What is told of a piece that has just come into the kit. */
export function toldOfNew(item: Item): Told {
  return { left: null, filter: item.kind === 'filter' ? newFilter : null };
}

/** What the log says of a piece. */
export function toldOf(entry: Schema<'KitEntry'> | undefined): Told {
  return { left: entry?.left ?? null, filter: entry?.filter ?? null };
}

/** The lines by which what was told anew goes into the log; none where nothing was. */
export function toldLines(item: Item, itemId: string, before: Told | null, told: Told, at: string): Entry[] {
  const lines: Entry[] = [];
  if (told.left !== null && told.left !== before?.left) lines.push(leftLine(item, itemId, told.left, at));
  if (item.kind === 'filter' && told.filter !== null && !sameJson(told.filter, before?.filter ?? null)) {
    lines.push({ kind: 'filterLookedOver', at, itemId, filter: told.filter });
  }
  return lines;
}

function leftLine(item: Item, itemId: string, left: number, at: string): Entry {
  switch (item.kind) {
    case 'burner':
      return { kind: 'canisterWeighed', at, itemId, fuelLeftG: left };
    case 'lamp':
      return { kind: 'charged', at, itemId, cyclesLeft: left };
    default:
      return { kind: 'counted', at, itemId, left };
  }
}

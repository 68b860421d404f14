import type { Item, ItemKind } from '../../src/store/kitItems';

/** A piece of a kind with nothing told of it. */
export const blank = (kind: ItemKind) => ({ kind, name: kind }) as Item;

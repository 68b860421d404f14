import type { Schema } from '../core/contract';
import type { Kept } from './records';

export type Item = Schema<'KitItem'>;
export type ItemKind = Item['kind'];
/** A piece of one kind. */
export type ItemOf<K extends ItemKind> = Extract<Item, { kind: K }>;
type Piece = Kept<'kit-item'>;

/** What a piece is called where it may be one that stays at home. */
export function pieceName({ name, retired }: Item): string {
  return `${name ?? ''}${retired === true ? ' (no longer carried)' : ''}`;
}

/** Those of one kind. */
export function ofItemKind<K extends ItemKind>(kit: Piece[], kind: K): (Piece & { body: ItemOf<K> })[] {
  return kit.filter((item): item is Piece & { body: ItemOf<K> } => item.body.kind === kind);
}

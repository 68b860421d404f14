import type { Schema } from '../../../core/contract';
import type { LocalStore } from '../../../store/db';
import type { Item } from '../../../store/kitItems';
import { keep, keepMany, type Kept } from '../../../store/records';

/** What taking a set changes: pieces that come in, come back, or stay at home. */
export interface Taking {
  add: Item[];
  back: Kept<'kit-item'>[];
  home: Kept<'kit-item'>[];
}

/** What has to change for exactly this set to be carried; everything that does not treat water stays as it is. */
export function takingOf(
  set: Schema<'KitSet'>,
  pieces: Schema<'KitPiece'>[],
  kit: Kept<'kit-item'>[],
): Taking {
  const isChosen = ({ id }: Schema<'KitPiece'>) => set.ids.includes(id);
  const own = ({ id }: Schema<'KitPiece'>) => kit.filter((item) => item.id === id);
  return {
    add: pieces.filter(isChosen).flatMap(({ toAdd }) => toAdd),
    back: pieces.filter((piece) => isChosen(piece) && piece.owned && !piece.carried).flatMap(own),
    home: pieces.filter((piece) => piece.carried && !isChosen(piece)).flatMap(own),
  };
}

/** Carries a set, all of it or nothing. Returns what takes that back. */
export async function takeSet(db: LocalStore, { add, back, home }: Taking): Promise<() => Promise<void>> {
  const carry = async (items: { id: string; body: Item }[], retired: boolean) => {
    for (const { id, body } of items) await keep(db, 'kit-item', { ...body, retired }, { id });
  };
  const atOnce = (change: () => Promise<void>) =>
    db.transaction('rw', db.records, db.outbox, db.openBatches, change);
  let added: { id: string; body: Item }[] = [];
  await atOnce(async () => {
    const ids = await keepMany(db, 'kit-item', add);
    added = add.map((body, i) => ({ id: ids[i], body }));
    await carry(back, false);
    await carry(home, true);
  });
  return () =>
    atOnce(async () => {
      await carry(home, false);
      await carry([...back, ...added], true);
    });
}

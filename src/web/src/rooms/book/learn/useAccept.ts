import type { Schema } from '../../../core/contract';
import { keep, type Kept } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';

/** Takes a proposal over: the record it is about is written as proposed, and nothing else. */
export function useAccept(
  route: Kept<'route'> | undefined,
  sources: Kept<'trip-source'>[],
  walkers: Kept<'walker'>[],
) {
  const store = useStore();
  return async (proposal: Schema<'Proposal'>) => {
    const { db } = store;
    const find = <K extends { id: string }>(list: K[]) =>
      list.find((record) => record.id === proposal.recordId);
    const written = async () => {
      const walker = find(walkers);
      const source = find(sources);
      if (proposal.test && walker) await keep(db, 'sweat-test', proposal.test, { book: walker.book });
      else if (proposal.source && source) await keep(db, 'trip-source', proposal.source, source);
      else if (typeof proposal.pace === 'number' && route)
        await keep(db, 'route', { ...route.body, pace: proposal.pace }, route);
    };
    // When it could not be kept the screen has been told, and the proposal stands.
    await written().then(
      () => store.sync.nudge(),
      () => undefined,
    );
  };
}

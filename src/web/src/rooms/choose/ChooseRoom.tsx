import { Stack, Typography } from '@mui/material';
import { useLiveQuery } from 'dexie-react-hooks';
import { EmptyState } from '../../shared/EmptyState';
import { openConflicts } from '../../store/conflicts';
import { useStore } from '../../store/StoreContext';
import { TwoVersions } from './TwoVersions';

/** Records that were changed on two devices: nothing is written over until the person has chosen. */
export function ChooseRoom() {
  const { db } = useStore();
  const conflicts = useLiveQuery(
    async () =>
      Promise.all(
        (await openConflicts(db)).map(async (item) => ({
          item,
          mine: await db.records.get([item.book, item.kind, item.id]),
        })),
      ),
    [db],
  );
  if (!conflicts) return null;
  if (conflicts.length === 0) {
    return (
      <EmptyState
        title="Nothing to choose"
        text="No record stands in two versions."
        to="/now"
        action="To what is running"
      />
    );
  }
  return (
    <Stack spacing={1.5}>
      <Typography variant="h1">Changed on two devices</Typography>
      <Typography>Both versions are kept until you choose. This is what differs:</Typography>
      {conflicts.map(({ item, mine }) => mine && <TwoVersions key={item.seq} item={item} mine={mine} />)}
    </Stack>
  );
}

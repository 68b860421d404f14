import { Box, Button, Typography } from '@mui/material';
import { useLiveQuery } from 'dexie-react-hooks';
import { Link } from 'react-router';
import { Section } from '../../../shared/Section';
import { nameRecord } from '../../../shared/nameRecord';
import { dropRefused, tryAgain } from '../../../store/conflicts';
import { useStore } from '../../../store/StoreContext';
import { ProblemLine } from '../../../shared/ProblemLine';

/** What has still to reach the server, and what it would not take. */
export function WaitingList() {
  const { db, sync } = useStore();
  const waiting = useLiveQuery(
    async () =>
      Promise.all(
        (await db.outbox.orderBy('seq').toArray()).map(async (item) => ({
          item,
          record: await db.records.get([item.book, item.kind, item.id]),
        })),
      ),
    [db],
  );
  if (!waiting) return null;
  return (
    <Section title="Waiting to be sent">
      {waiting.length === 0 && <Typography>Nothing. Everything kept here is on the server too.</Typography>}
      <Box
        component="ul"
        sx={{ listStyle: 'none', m: 0, p: 0, display: waiting.length > 0 ? 'grid' : 'none', gap: 1.5 }}
      >
        {waiting.map(({ item, record }) => (
          <li key={item.seq}>
            <Typography sx={{ fontWeight: 650 }}>{nameRecord(item.kind, record?.body)}</Typography>
            {item.theirs !== null && (
              <Button component={Link} to="/choose" variant="outlined">
                Changed on two devices: choose
              </Button>
            )}
            {item.refused !== null && (
              <>
                <ProblemLine>The server would not take it: {item.refused}</ProblemLine>
                <Button onClick={() => void tryAgain(db, item).then(() => sync.nudge())}>Try again</Button>
                <Button color="error" onClick={() => void dropRefused(db, item).then(() => sync.nudge())}>
                  Drop it
                </Button>
              </>
            )}
          </li>
        ))}
      </Box>
    </Section>
  );
}

import { Box, Button, Typography } from '@mui/material';
import { useLiveQuery } from 'dexie-react-hooks';
import { Link } from 'react-router';
import { Section } from '../../../shared/Section';
import { nameRecord } from '../../../shared/nameRecord';
import { dropRefused } from '../../../store/conflicts';
import type { LocalStore, Outgoing } from '../../../store/db';
import { lineUpAgain } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { ProblemLine } from '../../../shared/ProblemLine';

const mostShown = 100;

/** What has still to reach the server, and what it would not take. */
export function WaitingList() {
  const { db, sync } = useStore();
  const waiting = useLiveQuery(
    async () => ({
      count: await db.outbox.count(),
      lines: await Promise.all(
        (await firstLines(db)).map(async (item) => ({
          item,
          record: await db.records.get([item.book, item.kind, item.id]),
        })),
      ),
    }),
    [db],
  );
  if (!waiting) return null;
  return (
    <Section title="Waiting to be sent">
      {waiting.count === 0 && <Typography>Nothing. Everything kept here is on the server too.</Typography>}
      <Box
        component="ul"
        sx={{ listStyle: 'none', m: 0, p: 0, display: waiting.count > 0 ? 'grid' : 'none', gap: 1.5 }}
      >
        {waiting.lines.map(({ item, record }) => (
          <li key={item.seq}>
            <Typography sx={{ fontWeight: 650 }}>{nameRecord(item.kind, record?.body)}</Typography>
            {item.state === 'choose' && (
              <Button component={Link} to="/choose" variant="outlined">
                Changed on two devices: choose
              </Button>
            )}
            {item.state === 'refused' && (
              <>
                <ProblemLine>The server would not take it: {item.why}</ProblemLine>
                <Button onClick={() => void lineUpAgain(db, item).then(() => sync.nudge())}>Try again</Button>
                <Button color="error" onClick={() => void dropRefused(db, item).then(() => sync.nudge())}>
                  Drop it
                </Button>
              </>
            )}
          </li>
        ))}
      </Box>
      {waiting.count > waiting.lines.length && (
        <Typography>And {waiting.count - waiting.lines.length} more.</Typography>
      )}
    </Section>
  );
}

/** What the person has to see to comes first; then so many of what is only in line. */
async function firstLines(db: LocalStore): Promise<Outgoing[]> {
  const standing = await db.outbox.where('state').anyOf('refused', 'choose').limit(mostShown).toArray();
  const waiting = await db.outbox
    .where('state')
    .equals('waiting')
    .limit(mostShown - standing.length)
    .toArray();
  return [...standing, ...waiting];
}

import { Box, Button, Typography } from '@mui/material';
import { useEffect, useState } from 'react';
import { ProblemLine } from '../../../shared/ProblemLine';
import { useAsk } from '../../../shared/useAsk';
import { api, call, type BookCard } from '../../../store/api';
import { useStore } from '../../../store/StoreContext';
import type { Schema } from '../../../core/contract';

/** People the keeper took out: no link brings them back, only this. */
export function RemovedPeople({ trip }: { trip: BookCard }) {
  const { sync } = useStore();
  const [removed, setRemoved] = useState<Schema<'PersonCard'>[]>([]);
  const { busy, problem, ask } = useAsk();
  // Someone taken out or let in changes the party, and with it this list.
  const party = trip.party.map(({ id }) => id).join(' ');
  useEffect(() => {
    const read = call(() => api.GET('/api/trips/{book}/removed', { params: { path: { book: trip.id } } }));
    void read.then((answer) => answer.ok && setRemoved(answer.data));
  }, [trip.id, party]);
  if (removed.length === 0) return null;
  const letIn = (person: string) =>
    ask(() =>
      call(() =>
        api.PUT('/api/trips/{book}/party/{person}', {
          params: { path: { book: trip.id, person } },
          body: { role: 'follower' },
        }),
      ),
    ).then(() => sync.nudge());
  return (
    <Box>
      <Typography variant="h3">Taken out</Typography>
      <Box component="ul" aria-label="Taken out" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {removed.map(({ id, name }) => (
          <Box component="li" key={id} sx={{ display: 'flex', gap: 1, alignItems: 'center', minHeight: 48 }}>
            <Typography sx={{ flex: 1 }}>{name}</Typography>
            <Button disabled={busy} onClick={() => void letIn(id)} aria-label={`Let ${name} back in`}>
              Let back in, to follow
            </Button>
          </Box>
        ))}
      </Box>
      {problem && <ProblemLine>{problem.errors[0]?.message ?? problem.detail}</ProblemLine>}
    </Box>
  );
}

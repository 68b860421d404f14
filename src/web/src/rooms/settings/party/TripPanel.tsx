import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Section } from '../../../shared/Section';
import { useAsk } from '../../../shared/useAsk';
import { api, call, type BookCard } from '../../../store/api';
import { useStore } from '../../../store/StoreContext';
import { Invitations } from './Invitations';
import { RemovedPeople } from './RemovedPeople';
import { PersonRow } from './PersonRow';
import { ProblemLine } from '../../../shared/ProblemLine';

/** One shared trip: who is in it, and for its keeper the ways to change that. */
export function TripPanel({ trip }: { trip: BookCard }) {
  const { person, sync } = useStore();
  const [leaving, setLeaving] = useState(false);
  const { busy, problem, tell } = useAsk();
  const keeper = trip.role === 'keeper';
  const leave = async () => {
    const left = await tell(() =>
      call(() => api.POST('/api/trips/{book}/leave', { params: { path: { book: trip.id } } })),
    );
    setLeaving(false);
    if (left) sync.nudge();
  };
  return (
    <Section title={trip.name ?? ''}>
      <Box component="ul" aria-label="Party" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
        {trip.party.map((other) => (
          <PersonRow key={other.id} trip={trip} other={other} canChange={keeper && other.id !== person.id} />
        ))}
      </Box>
      {keeper && <Invitations trip={trip.id} />}
      {keeper && <RemovedPeople trip={trip} />}
      {problem && <ProblemLine>{problem.errors[0]?.message ?? problem.detail}</ProblemLine>}
      {leaving ? (
        <>
          <Typography>
            {trip.party.length === 1
              ? 'You are the last one in it: the trip ends. '
              : 'What others logged is taken off this device. '}
            The batches you began move into your own book.
          </Typography>
          <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
            <Button variant="contained" onClick={() => setLeaving(false)}>
              Stay
            </Button>
            <Button color="error" disabled={busy} onClick={() => void leave()}>
              Leave it
            </Button>
          </Stack>
        </>
      ) : (
        <Box>
          <Button color="error" onClick={() => setLeaving(true)}>
            Leave this trip
          </Button>
        </Box>
      )}
    </Section>
  );
}

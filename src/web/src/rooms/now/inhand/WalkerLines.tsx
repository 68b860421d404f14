import MonitorHeart from '@mui/icons-material/MonitorHeart';
import { Box, Button, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { InHand } from '../../../store/InHandContext';
import { usePartyWatch } from '../../body/signs/usePartyWatch';
import { WalkerLine } from './WalkerLine';

/** Who is how far behind on water since the morning, the weakest first, what that is counted on, and what the party drank together. */
export function WalkerLines({ state }: { state: InHand }) {
  const party = usePartyWatch();
  if (party === null) return null;
  const standing = party.members.flatMap((member) => {
    const told = state.walkers.find(({ id }) => id === member.id);
    return told ? [{ told, member }] : [];
  });
  const together = state.walkers.filter(({ id }) => !party.members.some((member) => member.id === id));
  // What was walked today is the same for all of them.
  const walked = party.members
    .flatMap(({ watch }) => watch?.assumptions ?? [])
    .find(({ field }) => field === 'walks');
  const first = party.lookFirst;
  return (
    <>
      {first && (
        <Box>
          <Button
            component={Link}
            to={`/body/${first.id}/signs`}
            variant="outlined"
            startIcon={<MonitorHeart />}
          >
            How is {first.name}?
          </Button>
          <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
            {first.watch?.nextLook.why}
          </Typography>
        </Box>
      )}
      <Box
        component="ul"
        aria-label="Who drank"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}
      >
        {standing.map(({ told, member }) => (
          <li key={told.id}>
            <WalkerLine told={told} member={member} />
          </li>
        ))}
        {together.map((told) => (
          <li key={told.id}>
            <WalkerLine told={told} member={null} />
          </li>
        ))}
        {walked && (
          <Typography component="li" variant="body2" color="text.secondary">
            {walked.message}
          </Typography>
        )}
      </Box>
    </>
  );
}

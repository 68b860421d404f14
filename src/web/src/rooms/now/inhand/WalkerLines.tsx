import { Box } from '@mui/material';
import type { InHand } from '../../../store/InHandContext';
import { useRecords } from '../../../store/useRecords';
import { WalkerLine } from './WalkerLine';

/** Who is how far behind on water, and what the party drank together. */
export function WalkerLines({ state }: { state: InHand }) {
  const walkers = useRecords('walker') ?? [];
  const tests = useRecords('sweat-test') ?? [];
  return (
    <Box
      component="ul"
      aria-label="Who drank"
      sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}
    >
      {state.walkers.map((told) => {
        const walker = walkers.find(({ id }) => id === told.id);
        return (
          <li key={told.id}>
            <WalkerLine told={told} walker={walker} tests={tests} state={state} />
          </li>
        );
      })}
    </Box>
  );
}

import ArrowForward from '@mui/icons-material/ArrowForward';
import { Alert, Box, Button, Link as MuiLink, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import { Section } from '../../../shared/Section';
import { show } from '../../../shared/units';
import { useInHand, type InHand } from '../../../store/InHandContext';
import { ContainerCard } from './ContainerCard';
import { ContainerSheet } from './ContainerSheet';
import { QuickDrink } from './QuickDrink';

/** What is in hand: litres to drink, every container as full as it is, and the next thing to do. */
export function InHandPanel() {
  const catalogue = useCatalogue();
  const state = useInHand();
  const [openId, setOpenId] = useState<string | null>(null);
  if (!state) return null;
  const opened = state.containers.find((c) => c.id === openId);
  const newest = state.doubts.at(-1);
  return (
    <Section label="In hand">
      <div>
        <Typography sx={{ fontSize: '1.9rem', fontWeight: 800, lineHeight: 1.05 }} data-testid="in-hand">
          {state.headline}
        </Typography>
        <Typography color="text.secondary">{rest(state, (l) => show(catalogue, 'volume', l))}</Typography>
      </div>
      <NextLine next={state.next} />
      {state.containers.length === 0 ? (
        <Typography>
          No bottle is in the kit yet.{' '}
          <MuiLink component={Link} color="inherit" to="/kit/new-container">
            Add one
          </MuiLink>
          , and it is drawn here as full as it is.
        </Typography>
      ) : (
        <Box
          component="ul"
          aria-label="Containers"
          sx={{
            listStyle: 'none',
            m: 0,
            p: 0,
            display: 'grid',
            gap: { xs: 0.5, sm: 1 },
            gridTemplateColumns: {
              xs: 'repeat(4, minmax(0, 1fr))',
              sm: 'repeat(auto-fill, minmax(168px, 1fr))',
            },
            '& > li': { display: 'grid' },
          }}
        >
          {state.containers.map((container) => (
            <li key={container.id}>
              <ContainerCard container={container} onOpen={() => setOpenId(container.id)} />
            </li>
          ))}
        </Box>
      )}
      <QuickDrink state={state} />
      {newest && (
        <Alert severity="warning" variant="outlined">
          <MuiLink component={Link} color="inherit" to={`/book/${newest.lineId}`}>
            A line does not add up.
          </MuiLink>{' '}
          {newest.words} {newest.offer}
        </Alert>
      )}
      {opened && <ContainerSheet container={opened} state={state} onClose={() => setOpenId(null)} />}
    </Section>
  );
}

function rest({ perWalkerL, underWayL, rawL, walkers }: InHand, say: (litres: number) => string): string {
  const parts = [
    perWalkerL !== null && perWalkerL > 0 && walkers.length > 1 && `${say(perWalkerL)} each`,
    underWayL > 0 && `${say(underWayL)} under way`,
    rawL > 0 && `${say(rawL)} raw`,
  ].filter((part) => part !== false);
  return parts.join(' · ');
}

/** The next thing to do, with the way to it. */
function NextLine({ next }: { next: InHand['next'] }) {
  const to = (() => {
    switch (next.is) {
      case 'stepDue':
      case 'waitFor':
        return `/now/${next.batchId}`;
      case 'treat':
      case 'fill':
        return '/treat';
      case 'drink':
        return null;
    }
  })();
  if (to === null) return null;
  return (
    <Button
      component={Link}
      to={to}
      variant="contained"
      endIcon={<ArrowForward />}
      sx={{ justifyContent: 'space-between', textAlign: 'left' }}
    >
      {next.words}
    </Button>
  );
}

import CheckCircle from '@mui/icons-material/CheckCircle';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { Section } from '../../shared/Section';
import { CarryStep } from './CarryStep';
import { StartSteps } from './StartSteps';
import { useStartSteps, type StepId } from './useStartSteps';
import { WhoStep } from './WhoStep';

/** The first ten minutes: who walks, what is carried, where to; each kept as it is said, so that it can be left and taken up again. */
export function StartPage() {
  const steps = useStartSteps();
  // What is done stays done; one that is skipped leaves the others open.
  const [skipped, setSkipped] = useState<StepId[]>([]);
  if (steps === null) return null;
  const now = steps.find(({ id, isDone }) => !isDone && !skipped.includes(id)) ?? null;
  const skip = () => now && setSkipped([...skipped, now.id]);
  return (
    <Stack spacing={1.5} sx={{ maxWidth: 760 }}>
      <Typography variant="h1">First plan</Typography>
      <StartSteps steps={steps} now={now?.id ?? null} />
      {now && (
        <Section title={now.name}>
          {now.id === 'who' && <WhoStep onDone={() => undefined} />}
          {now.id === 'carry' && <CarryStep onDone={() => undefined} />}
          {now.id === 'where' && (
            <>
              <Typography>
                A track file gives ground, map and places; without one, a few legs with their length and climb
                do.
              </Typography>
              <Box>
                <Button component={Link} to="/route/new" variant="contained">
                  Lay the way
                </Button>
              </Box>
            </>
          )}
          <Box sx={{ borderTop: 1, borderColor: 'divider', pt: 1 }}>
            <Button onClick={skip}>Leave this for later</Button>
          </Box>
        </Section>
      )}
      {now === null && (
        <Section
          title={
            steps.every(({ isDone }) => isDone)
              ? 'That is all a plan needs'
              : 'Taken up again whenever you like'
          }
        >
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            {steps[2].isDone && (
              <Button component={Link} to="/route" variant="contained" startIcon={<CheckCircle />}>
                See the plan
              </Button>
            )}
            <Button component={Link} to="/kit/check" variant="outlined">
              Is the kit enough?
            </Button>
            <Button component={Link} to="/treat" variant="outlined">
              Treat some water
            </Button>
            {skipped.length > 0 && <Button onClick={() => setSkipped([])}>What was left for later</Button>}
          </Box>
        </Section>
      )}
    </Stack>
  );
}

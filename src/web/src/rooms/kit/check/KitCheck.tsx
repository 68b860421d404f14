import { Box, Button, Stack, Typography } from '@mui/material';
import { Link } from 'react-router';
import { calculateLong } from '../../../core/long';
import { useCalculation } from '../../../core/useCalculation';
import { Assumptions } from '../../../shared/Assumptions';
import { MattersList } from '../../../shared/MattersList';
import { ProblemLine } from '../../../shared/ProblemLine';
import { RouteSelect } from '../../../shared/RouteSelect';
import { Section } from '../../../shared/Section';
import { useQuiet } from '../../../shared/useQuiet';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { useKitEntries } from '../../../store/InHandContext';
import { ChainWeights } from './ChainWeights';
import { FailureGrid } from './FailureGrid';
import { Findings } from './Findings';
import { useOuting } from '../useOuting';
import { TripForm } from './TripForm';

/** The kit held against a trip: seven findings, chains against failures, what can be spared. */
export function KitCheck() {
  const kit = useKitEntries();
  const { routes, route, choose, trip, setTrip, outing } = useOuting();
  const { response, problem, answered } = useCalculation('kit-check', outing && { ...outing, kit });
  // After the findings, and beside everything else: it checks the kit many times.
  const { response: matters } = useCalculation(
    'what-matters',
    useQuiet(
      answered === null || answered.plan != null
        ? null
        : { of: { about: 'kitCheck' as const, request: answered }, told: [] },
      400,
    ),
    calculateLong,
  );
  const errors = (field: string) =>
    problem?.errors.find((e) => e.field === field || e.field === `trip.${field}`)?.message;

  return (
    <Stack spacing={2}>
      <Section title="Is the kit enough?">
        <RouteSelect routes={routes} route={route} onChoose={choose} />
        {response && (
          <Typography variant="h1" component="p" data-testid="headline">
            {response.headline}
          </Typography>
        )}
        {problem?.errors
          .filter((e) => !e.field.startsWith('trip.'))
          .map((e) => (
            <ProblemLine key={e.field}>{e.message}</ProblemLine>
          ))}
        {response && <Findings findings={response.findings} />}
      </Section>
      {response && matters && route === undefined && matters.questions.length > 0 && (
        <Section title="What could change this">
          <MattersList matters={matters} />
        </Section>
      )}
      {response && (
        <>
          <Section title="What is left when something fails">
            <FailureGrid columns={response.columns} chains={response.chains} />
          </Section>
          <Section title="Each chain in the trip’s worst water">
            <ChainWeights chains={response.chains} />
          </Section>
          {response.spare.length > 0 && (
            <Section title="Spare to give away">
              <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                {response.spare.map((spare) => (
                  <li key={spare.chain}>
                    <Typography>{spare.words}</Typography>
                  </li>
                ))}
              </Box>
              <Button component={Link} to="/kit/spare" variant="outlined" sx={{ alignSelf: 'start' }}>
                Make a card for them
              </Button>
            </Section>
          )}
        </>
      )}
      <Section title="What the trip asks">
        <TripForm trip={trip} taken={response?.trip} onChange={setTrip} errors={errors} />
        {response && <Assumptions assumptions={response.assumptions} />}
      </Section>
      {response && <WorkingPanel steps={response.working} />}
    </Stack>
  );
}

import { Box, Stack, Typography } from '@mui/material';
import { useMemo } from 'react';
import type { Schema } from '../../../core/contract';
import { useCalculation } from '../../../core/useCalculation';
import { ProblemLines } from '../../../shared/ProblemLines';
import { RouteSelect } from '../../../shared/RouteSelect';
import { Section } from '../../../shared/Section';
import { clockOffset } from '../../../shared/time';
import { useNowMinute } from '../../../shared/useNow';
import { useRouteChoice } from '../../../shared/useRouteChoice';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { withoutPhoto } from '../../../store/bookLines';
import { useWholeBook } from '../../../store/BookLinesContext';
import { useKit, useSettings } from '../../../store/LocalDataContext';
import { usePlanRequest } from '../../../store/usePlanRequest';
import { useRecords } from '../../../store/useRecords';
import { LivedDays } from './LivedDays';
import { ProposalCard } from './ProposalCard';
import { useAccept } from './useAccept';

/** What the trip taught: planned against lived, and what could be taken over. */
export function LearnPage() {
  const { units } = useSettings().settings;
  const kit = useKit();
  const now = useNowMinute();
  const { routes, route, choose } = useRouteChoice();
  const asked = usePlanRequest(route);
  const book = useWholeBook();
  const walkers = useRecords('walker');
  const tests = useRecords('sweat-test');
  const ready = routes && book && walkers && tests && (route === undefined || asked !== null);
  const request = useMemo(
    () =>
      ready
        ? {
            units,
            plan: asked?.request ?? null,
            routeId: route?.id ?? null,
            lines: book.standing.map(({ id, body }): Schema<'KeptLine'> => ({
              id,
              line: withoutPhoto(body),
            })),
            kit: kit.map(({ id, body }) => ({ id, item: body })),
            offsetMinutes: clockOffset(),
            now,
            walkers: walkers.map(({ id, body }) => ({ id, walker: body })),
            tests: tests.map(({ id, body }) => ({ id, test: body })),
          }
        : null,
    [ready, units, asked, route, book, kit, now, walkers, tests],
  );
  const { response, problem } = useCalculation('learn', request);
  const accept = useAccept(route, asked?.sources ?? [], walkers ?? []);

  return (
    <Stack spacing={2}>
      <Section title="What it taught">
        <RouteSelect routes={routes ?? []} route={route} onChoose={choose} />
        {response && (
          <Typography variant="h1" component="p" data-testid="headline">
            {response.headline}
          </Typography>
        )}
        <ProblemLines problem={problem} />
        {response?.proposals.length === 0 && (
          <Typography>
            Write down what is drunk, two weighings on one day, the hours of a stage, services of the filter
            and fuel: what follows from them is proposed here, and nothing changes until you take it over.
          </Typography>
        )}
        <Box component="ul" aria-label="Proposals" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {response?.proposals.map((proposal) => (
            <ProposalCard key={proposal.id} proposal={proposal} onAccept={() => void accept(proposal)} />
          ))}
        </Box>
      </Section>
      {response && response.facts.length > 0 && (
        <Section title="Measured on the way">
          {response.facts.map((fact) => (
            <Typography key={fact.label}>
              {fact.label}: <strong>{fact.words}</strong>
            </Typography>
          ))}
        </Section>
      )}
      {response && response.days.length > 0 && <LivedDays days={response.days} />}
      {response && <WorkingPanel steps={response.working} />}
    </Stack>
  );
}

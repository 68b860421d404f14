import { Box, Button, LinearProgress, Stack, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { HowSure } from '../../../core/contract';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { plain, show } from '../../../shared/units';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { PromiseLine } from '../plan/PromiseLine';
import { RouteStrip } from '../plan/RouteStrip';
import { useTrip } from '../TripContext';
import { useHowSure } from './useHowSure';

const percent = (share: number) => `${plain(share * 100, share < 0.1 ? 1 : 0)} %`;

/** The plan walked thousands of times with what is not known drawn at random. */
export function SurePage() {
  const { route: choices } = useCatalogue();
  const { request, plan, isLooking } = useTrip();
  const sure = useHowSure(isLooking ? null : request, choices.runs);
  const { response } = sure;

  return (
    <Stack spacing={2}>
      <Section label="Answer">
        <Typography
          data-testid="headline"
          sx={{ fontSize: { xs: '1.75rem', md: '2.25rem' }, fontWeight: 750, lineHeight: 1.15 }}
        >
          {response?.headline ?? 'Walking it …'}
        </Typography>
        {response && (
          <Typography>
            {percent(response.shortChance)} of {plain(response.runs, 0)} simulated walks (give or take{' '}
            {percent(2 * response.errorOfChance)})
            {response.worstStretch !== null && `; most of them ${response.worstStretch}`}
            {response.worstHour !== null && `, towards ${response.worstHour}:00`}.
          </Typography>
        )}
        {sure.under > 0 && (
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
            <LinearProgress
              aria-label="Simulated walks"
              variant="determinate"
              value={((response?.runs ?? 0) / choices.runs) * 100}
              sx={{ flex: 1, height: 8 }}
            />
            <Typography variant="body2">surer still: {plain(sure.under, 0)} walks</Typography>
            <Button onClick={sure.stop}>Stop</Button>
          </Box>
        )}
        {sure.problem && <ProblemLine>{sure.problem.detail}</ProblemLine>}
      </Section>
      {plan.response && (
        <Section label="Strip">
          <RouteStrip plan={plan.response} sure={response} />
        </Section>
      )}
      {plan.response && (
        <Section title="How sure do you want to be?">
          <PromiseLine promise={plan.response.promise} />
        </Section>
      )}
      {response && <Places sure={response} />}
      {response && <Schools sure={response} />}
      {response && <WorkingPanel steps={response.working} />}
    </Stack>
  );
}

const cell = { py: 0.75, pr: 1.5, textAlign: 'left', borderBottom: 1, borderColor: 'divider' } as const;

function Places({ sure }: { sure: HowSure }) {
  const catalogue = useCatalogue();
  const litres = (value: number) => show(catalogue, 'volume', value);
  return (
    <Section title="In hand on arrival">
      <Box sx={{ overflowX: 'auto' }}>
        <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%' }}>
          <thead>
            <tr>
              {['Place', '5 %', 'half', '95 %', 'Runs short on the way on'].map((head) => (
                <Box component="th" scope="col" key={head} sx={cell}>
                  {head}
                </Box>
              ))}
            </tr>
          </thead>
          <tbody>
            {sure.places.map((place, i) => (
              <tr key={`${place.id}-${i}`}>
                <Box component="th" scope="row" sx={{ ...cell, fontWeight: 650 }}>
                  {place.name}
                </Box>
                <Box component="td" sx={cell}>
                  {litres(place.arriveL.low)}
                </Box>
                <Box component="td" sx={cell}>
                  {litres(place.arriveL.middle)}
                </Box>
                <Box component="td" sx={cell}>
                  {litres(place.arriveL.high)}
                </Box>
                <Box component="td" sx={cell}>
                  {i === sure.places.length - 1 ? '' : percent(place.shortChance)}
                </Box>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
    </Section>
  );
}

function Schools({ sure }: { sure: HowSure }) {
  const catalogue = useCatalogue();
  return (
    <Section title="Against other ways, on the same walks">
      <Box sx={{ overflowX: 'auto' }}>
        <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%' }}>
          <thead>
            <tr>
              {['Way', 'Runs short', 'Burden', 'Stopped'].map((head) => (
                <Box component="th" scope="col" key={head} sx={cell}>
                  {head}
                </Box>
              ))}
            </tr>
          </thead>
          <tbody>
            {sure.policies.map((policy) => (
              <tr key={policy.policy}>
                <Box component="th" scope="row" sx={{ ...cell, fontWeight: 650 }}>
                  {policy.name}
                </Box>
                <Box component="td" sx={cell}>
                  {percent(policy.shortChance)}
                </Box>
                <Box component="td" sx={cell}>
                  {show(catalogue, 'burden', policy.kgKm)}
                </Box>
                <Box component="td" sx={cell}>
                  {plain(policy.stopMinutes, 0)} min
                </Box>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
    </Section>
  );
}

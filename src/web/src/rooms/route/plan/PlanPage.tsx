import { Box, Stack, Typography } from '@mui/material';
import { useCatalogue } from '../../../core/CatalogueContext';
import type { Plan } from '../../../core/contract';
import { Assumptions } from '../../../shared/Assumptions';
import { Cautions } from '../../../shared/Cautions';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { plain, show } from '../../../shared/units';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { hoursText } from '../clock';
import { useTrip } from '../TripContext';
import { ImpossibleStretches } from './ImpossibleStretches';
import { LighterPanel } from './LighterPanel';
import { PlanEvenings } from './PlanEvenings';
import { PlanHead } from './PlanHead';
import { PlanSupplies } from './PlanSupplies';
import { RouteStrip } from './RouteStrip';
import { StopTable } from './StopTable';

/** The plan, live: the strip, the table, and what does not fit. */
export function PlanPage() {
  const { plan } = useTrip();
  const { response, problem, failure } = plan;
  if (!response) {
    return (
      <Section title="Plan">
        {problem?.errors.map((e) => (
          <ProblemLine key={e.field + e.message}>{e.message}</ProblemLine>
        ))}
        {failure && <ProblemLine>{failure}</ProblemLine>}
        {!problem && !failure && <Typography>Working it out …</Typography>}
      </Section>
    );
  }
  return (
    <Stack spacing={2}>
      <PlanHead plan={response} />
      <Section label="Strip">
        <RouteStrip plan={response} />
      </Section>
      <ImpossibleStretches stretches={response.impossible} />
      <Section title="At each place">
        <StopTable plan={response} />
      </Section>
      <LighterPanel />
      <PlanEvenings />
      <PlanSupplies supplies={response.supplies} />
      <Totals plan={response} />
      {response.flags.map((flag) => (
        <Typography key={flag}>Mind: {flag}</Typography>
      ))}
      <Cautions cautions={response.cautions} />
      <Assumptions assumptions={response.assumptions} />
      <WorkingPanel steps={response.working} />
    </Stack>
  );
}

function Totals({ plan }: { plan: Plan }) {
  const catalogue = useCatalogue();
  const facts = [
    ['Length', show(catalogue, 'distance', plan.lengthKm)],
    [
      'Up, down',
      `${show(catalogue, 'elevation', plan.ascentM)}, ${show(catalogue, 'elevation', plan.descentM)}`,
    ],
    ['Walking', hoursText(plan.walkHours)],
    ...plan.hoursBySchool.map((s) => [`By ${s.name}, no breaks`, hoursText(s.hours)]),
    ['Used in all, half of all walks', show(catalogue, 'volume', plan.needL)],
    ['In hand on arriving, at least', show(catalogue, 'volume', plan.reserveL)],
    ['Room for', show(catalogue, 'volume', plan.capacityL)],
    ['Burden', `${plain(plan.kgKm, 0)} kg·km`],
    ['Stopped at water', `${plain(plan.stopMinutes, 0)} min`],
  ];
  return (
    <Section title="In all">
      <Box
        component="dl"
        sx={{
          m: 0,
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(180px, 1fr))',
        }}
      >
        {facts.map(([name, value]) => (
          <Box key={name}>
            <Typography component="dt" variant="body2" sx={{ color: 'text.secondary' }}>
              {name}
            </Typography>
            <Typography component="dd" sx={{ m: 0, fontWeight: 700 }}>
              {value}
            </Typography>
          </Box>
        ))}
      </Box>
    </Section>
  );
}

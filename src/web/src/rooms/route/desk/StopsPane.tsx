import { Box, Stack, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Plan } from '../../../core/contract';
import { Assumptions } from '../../../shared/Assumptions';
import { Cautions } from '../../../shared/Cautions';
import { Section } from '../../../shared/Section';
import { plain, show } from '../../../shared/units';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { hoursText } from '../clock';
import { ImpossibleStretches } from '../plan/ImpossibleStretches';
import { LighterPanel } from '../plan/LighterPanel';
import { PlanEvenings } from '../plan/PlanEvenings';
import { PlanSupplies } from '../plan/PlanSupplies';
import { StopTable } from '../plan/StopTable';
import { WorthFindingOut } from './WorthFindingOut';

interface Props {
  plan: Plan;
  selected: string | null;
  onSelect: (id: string) => void;
}

/** What does not fit, then place by place, then all that the plan says besides. */
export function StopsPane({ plan, selected, onSelect }: Props) {
  return (
    <Stack spacing={1}>
      <ImpossibleStretches stretches={plan.impossible} />
      <Section title="At each place">
        <StopTable plan={plan} selected={selected} onSelect={onSelect} />
      </Section>
      <WorthFindingOut onSelect={onSelect} />
      <LighterPanel />
      <PlanEvenings />
      <PlanSupplies supplies={plan.supplies} />
      <Totals plan={plan} />
      {plan.flags.map((flag) => (
        <Typography key={flag}>Mind: {flag}</Typography>
      ))}
      <Cautions cautions={plan.cautions} />
      <Assumptions assumptions={plan.assumptions} />
      <WorkingPanel steps={plan.working} />
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
    ['Burden', show(catalogue, 'burden', plan.kgKm)],
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

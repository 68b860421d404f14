import CheckCircle from '@mui/icons-material/CheckCircle';
import Dangerous from '@mui/icons-material/Dangerous';
import { Box, Typography } from '@mui/material';
import type { Plan } from '../../../core/contract';
import { Section } from '../../../shared/Section';
import { PromiseLine } from './PromiseLine';

/** The answer first: leave with how much, or what is too little, and how sure that is. */
export function PlanHead({ plan }: { plan: Plan }) {
  const Icon = plan.feasible ? CheckCircle : Dangerous;
  return (
    <Section label="Answer">
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start' }}>
        <Icon aria-hidden sx={{ fontSize: 40, color: plan.feasible ? 'success.main' : 'error.main' }} />
        <Typography
          data-testid="headline"
          sx={{ fontSize: { xs: '1.5rem', md: '2rem' }, fontWeight: 750, lineHeight: 1.15 }}
        >
          {plan.headline}
        </Typography>
      </Box>
      <PromiseLine promise={plan.promise} />
    </Section>
  );
}

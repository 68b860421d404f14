import CheckCircle from '@mui/icons-material/CheckCircle';
import Dangerous from '@mui/icons-material/Dangerous';
import { Box, Paper, Typography } from '@mui/material';
import type { Plan } from '../../../core/contract';
import { PromiseLine } from './PromiseLine';

/** The answer first: leave with how much, or what is too little, and how sure that is. */
export function PlanHead({ plan }: { plan: Plan }) {
  const Icon = plan.feasible ? CheckCircle : Dangerous;
  return (
    <Paper
      component="section"
      aria-label="Answer"
      variant="outlined"
      sx={{
        px: 1.5,
        py: 1,
        borderColor: 'divider',
        display: 'grid',
        columnGap: 3,
        alignItems: 'center',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1.3fr) minmax(0, 1fr)' },
      }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start' }}>
        <Icon aria-hidden sx={{ fontSize: 34, color: plan.feasible ? 'success.main' : 'error.main' }} />
        <Typography
          data-testid="headline"
          sx={{ fontSize: { xs: '1.5rem', md: '1.7rem' }, fontWeight: 750, lineHeight: 1.15 }}
        >
          {plan.headline}
        </Typography>
      </Box>
      <PromiseLine promise={plan.promise} />
    </Paper>
  );
}

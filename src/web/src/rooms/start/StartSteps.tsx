import CheckCircle from '@mui/icons-material/CheckCircle';
import { Box, Typography } from '@mui/material';
import type { StartStep, StepId } from './useStartSteps';

/** How far one has come. */
export function StartSteps({ steps, now }: { steps: StartStep[]; now: StepId | null }) {
  return (
    <Box
      component="ol"
      aria-label="Steps"
      sx={{
        listStyle: 'none',
        m: 0,
        p: 0,
        display: 'grid',
        gap: 1,
        gridTemplateColumns: 'repeat(3, minmax(0, 1fr))',
      }}
    >
      {steps.map(({ id, name, isDone }, i) => (
        <Box
          component="li"
          key={id}
          aria-current={id === now ? 'step' : undefined}
          sx={{
            display: 'flex',
            gap: 0.75,
            alignItems: 'center',
            borderTop: 5,
            pt: 0.75,
            borderColor: isDone ? 'success.main' : id === now ? 'primary.main' : 'divider',
          }}
        >
          {isDone ? (
            <CheckCircle titleAccess="Done" color="success" />
          ) : (
            <Typography component="span" sx={{ fontWeight: 750 }}>
              {i + 1}
            </Typography>
          )}
          <Typography component="span" sx={{ fontWeight: id === now ? 700 : 500, lineHeight: 1.15 }}>
            {name}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

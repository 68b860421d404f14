import { Box, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { Section } from '../../../shared/Section';
import { plain } from '../../../shared/units';
import { PassMark } from '../PassMark';
import { useStanding } from '../ProgressContext';

/** Decision by decision: what was decided, what a good hand does, and why. */
export function StepVerdicts({ steps }: { steps: Schema<'StepVerdict'>[] }) {
  const names = useStanding().progress.response?.skills;
  return (
    <Section title="Decision by decision">
      {steps.map((step) => (
        <Box
          key={step.skill}
          component="article"
          aria-label={names?.find(({ skill }) => skill === step.skill)?.name ?? step.skill}
          sx={{
            display: 'grid',
            gap: 0.25,
            borderLeft: 6,
            borderColor: step.passed ? 'success.main' : 'warning.main',
            pl: 1.5,
          }}
        >
          <Box sx={{ display: 'flex', gap: 1, justifyContent: 'space-between', flexWrap: 'wrap' }}>
            <Typography variant="h3">
              {names?.find(({ skill }) => skill === step.skill)?.name ?? step.skill}
            </Typography>
            <PassMark passed={step.passed} small />
          </Box>
          <Typography>
            You: {step.yours}
            {step.errorPercent != null && Math.abs(step.errorPercent) >= 0.5 && (
              <> ({error(step.errorPercent)})</>
            )}
          </Typography>
          {!step.passed && <Typography sx={{ fontWeight: 650 }}>Better: {step.better}</Typography>}
          <Typography sx={{ color: 'text.secondary' }}>{step.why}</Typography>
        </Box>
      ))}
    </Section>
  );
}

const error = (percent: number) => `${percent > 0 ? '+' : '−'}${plain(Math.abs(percent), 0)} %`;

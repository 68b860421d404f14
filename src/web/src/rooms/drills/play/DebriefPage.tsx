import { Box, Button, Paper, Typography } from '@mui/material';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../../core/contract';
import { Ledger } from '../../../shared/Ledger';
import { Lines } from '../../../shared/Lines';
import { Section } from '../../../shared/Section';
import { minutesText } from '../../../shared/time';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import { drillAddress } from '../address';
import { PassMark } from '../PassMark';
import { useStanding } from '../ProgressContext';
import { StepVerdicts } from './StepVerdicts';

interface Props {
  debrief: Schema<'DrillDebrief'>;
  onShown: () => void;
  onAgain: () => void;
}

/** How it went: each decision against a better hand, the ledger, what was risked, and what was really in the water. */
export function DebriefPage({ debrief, onShown, onAgain }: Props) {
  const { progress } = useStanding();
  const written = useRef(false);
  useEffect(() => {
    if (written.current) return;
    written.current = true;
    onShown();
  }, [onShown]);
  const next = progress.response?.next;
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.5,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1.2fr) minmax(0, 1fr)' },
      }}
    >
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
        <Paper
          component="section"
          aria-label="How it went"
          aria-live="polite"
          variant="outlined"
          sx={{
            p: 2,
            borderWidth: 3,
            borderColor: debrief.passed ? 'success.main' : 'warning.main',
            display: 'grid',
            gap: 1,
          }}
        >
          <PassMark passed={debrief.passed} />
          <Typography
            data-testid="headline"
            sx={{ fontSize: { xs: '1.5rem', md: '1.9rem' }, fontWeight: 750, lineHeight: 1.15 }}
          >
            {debrief.headline}
          </Typography>
          <Typography>
            A better hand: <strong>{debrief.reference}</strong>
          </Typography>
          <Typography sx={{ color: 'text.secondary' }}>
            You took {minutesText(debrief.minutes)}
            {debrief.supplies.length > 0 && ` and used ${debrief.supplies.join(', ')}`}. Minutes earn nothing
            here.
          </Typography>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button variant={debrief.passed ? 'outlined' : 'contained'} onClick={onAgain}>
              The same again
            </Button>
            {debrief.passed && next && (
              <Button component={Link} to={drillAddress(next)} variant="contained">
                The next one
              </Button>
            )}
            <Button component={Link} to="/drills">
              All drills
            </Button>
          </Box>
        </Paper>
        <StepVerdicts steps={debrief.steps} />
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
        {debrief.ledger.length > 0 && (
          <Section title="What your water came to">
            <Ledger rows={debrief.ledger} />
          </Section>
        )}
        {debrief.risks.length > 0 && (
          <Section title="What was risked">
            <Lines lines={debrief.risks} />
          </Section>
        )}
        <Section title="What was really there">
          <Lines lines={debrief.truth} />
        </Section>
        {debrief.referenceSteps.length > 0 && (
          <Section title="How a better hand does it">
            <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
              {debrief.referenceSteps.map((line, index) => (
                <li key={`${index}-${line}`}>
                  <Typography>{line}</Typography>
                </li>
              ))}
            </Box>
          </Section>
        )}
        <WorkingPanel steps={debrief.working} />
      </Box>
    </Box>
  );
}

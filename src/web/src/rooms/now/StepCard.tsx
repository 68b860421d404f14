import { Box, Button, Typography } from '@mui/material';
import type { Schema } from '../../core/contract';
import { useSwipe } from './useSwipe';

interface Props {
  step: Schema<'TreatmentStep'>;
  number: number;
  of: number;
  /** Whether it may be tapped now. */
  open: boolean;
  onDone: () => void;
  /** It did not come out as it should, where that can be told. */
  onFails: () => void;
}

/** The step at hand, to be read at arm's length; a tap or a swipe to the left goes on. */
export function StepCard({ step, number, of, open, onDone, onFails }: Props) {
  const mayGoOn = open && step.done !== null && step.done !== undefined;
  const swipe = useSwipe(() => mayGoOn && onDone());
  return (
    <Box
      {...swipe}
      aria-label={`Step ${number} of ${of}`}
      role="group"
      sx={{
        border: 3,
        borderColor: 'primary.main',
        borderRadius: 2,
        p: 2,
        display: 'grid',
        gap: 1.25,
        touchAction: 'pan-y',
      }}
    >
      <Typography variant="body2" color="text.secondary">
        Step {number} of {of}
        {step.optional && ', if you like'}
      </Typography>
      <Typography
        component="h3"
        sx={{ fontSize: { xs: '1.8rem', md: '2.1rem' }, fontWeight: 800, lineHeight: 1.1 }}
      >
        {step.title}
      </Typography>
      <Typography sx={{ fontSize: '1.25rem', lineHeight: 1.35 }}>{step.detail}</Typography>
      {mayGoOn && (
        <Button
          variant={step.optional ? 'outlined' : 'contained'}
          size="large"
          onClick={onDone}
          sx={{ minHeight: 68, fontSize: '1.3rem' }}
        >
          {step.done}
        </Button>
      )}
      {open && step.fails && (
        <Button variant="outlined" size="large" onClick={onFails} sx={{ minHeight: 68, fontSize: '1.3rem' }}>
          {step.fails}
        </Button>
      )}
    </Box>
  );
}

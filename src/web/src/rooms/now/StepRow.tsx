import Check from '@mui/icons-material/Check';
import LockOutlined from '@mui/icons-material/LockOutlined';
import { Box, Button, Typography } from '@mui/material';
import type { Schema } from '../../core/contract';
import { clockTime } from '../../shared/time';

interface Props {
  number: number;
  step: Schema<'TreatmentStep'>;
  progress: Schema<'StepProgress'> | undefined;
  open: boolean;
  onDone: () => void;
}

/** One step in the list: done with its time, at hand, or locked with the reason; the one after an optional step is open too. */
export function StepRow({ number, step, progress, open, onDone }: Props) {
  const state = progress?.state ?? 'locked';
  const isDone = state === 'done';
  return (
    <Box
      component="li"
      aria-current={state === 'current' ? 'step' : undefined}
      sx={{
        display: 'flex',
        gap: 1.5,
        py: 1,
        borderTop: 1,
        borderColor: 'divider',
        alignItems: 'flex-start',
      }}
    >
      <Marker number={number} done={isDone} current={state === 'current'} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography sx={{ fontWeight: state === 'current' ? 750 : 600 }}>
          {step.title}
          {step.optional && ' (if you like)'}
        </Typography>
        {open && <Typography>{step.detail}</Typography>}
        {open && step.done && (
          <Button variant="contained" size="large" onClick={onDone} sx={{ mt: 1, minHeight: 56 }}>
            {step.done}
          </Button>
        )}
        {!open && state === 'locked' && (
          <Typography
            variant="body2"
            sx={{ color: 'text.secondary', display: 'flex', alignItems: 'center', gap: 0.5 }}
          >
            <LockOutlined aria-hidden sx={{ fontSize: 18 }} /> {progress?.why}
          </Typography>
        )}
      </Box>
      {isDone && progress?.doneAt && (
        <Typography variant="body2" sx={{ color: 'text.secondary', whiteSpace: 'nowrap' }}>
          done {clockTime(progress.doneAt)}
        </Typography>
      )}
    </Box>
  );
}

function Marker({ number, done, current }: { number: number; done: boolean; current: boolean }) {
  return (
    <Box
      aria-hidden
      sx={{
        width: 32,
        height: 32,
        flexShrink: 0,
        borderRadius: '50%',
        display: 'grid',
        placeItems: 'center',
        border: 2,
        borderColor: done || current ? 'primary.main' : 'divider',
        bgcolor: current ? 'primary.main' : 'transparent',
        color: current ? 'primary.contrastText' : 'text.primary',
        fontWeight: 700,
      }}
    >
      {done ? <Check fontSize="small" /> : number}
    </Box>
  );
}

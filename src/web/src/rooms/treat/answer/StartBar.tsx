import PlayArrow from '@mui/icons-material/PlayArrow';
import { Box, Button, Paper, Typography } from '@mui/material';
import type { TreatResponse } from '../../../core/contract';
import { clockTime, later } from '../../../shared/time';
import { useNowMinute } from '../../../shared/useNow';

interface Props {
  answer: TreatResponse;
  overtaken: boolean;
  onStart: () => void;
}

/** On a phone, under the thumb wherever one has scrolled to: the answer in a line, and Start. */
export function StartBar({ answer, overtaken, onStart }: Props) {
  const now = useNowMinute();
  const refused = answer.outcome === 'refused';
  return (
    <Paper
      component="section"
      aria-label="Start"
      aria-busy={overtaken}
      variant="outlined"
      square
      sx={{
        display: { xs: 'flex', lg: 'none' },
        position: 'fixed',
        left: { xs: 0, md: 104 },
        right: 0,
        bottom: { xs: 64, md: 0 },
        zIndex: 4,
        alignItems: 'center',
        gap: 1,
        px: 1.25,
        minHeight: 64,
        borderWidth: '3px 0 0',
        borderColor: refused ? 'error.main' : 'primary.main',
      }}
    >
      <Box
        sx={{
          flex: 1,
          minWidth: 0,
          opacity: overtaken ? 0.3 : 1,
          transition: overtaken ? 'opacity 0s 150ms' : 'none',
        }}
      >
        <Typography
          component="p"
          sx={{
            fontWeight: 750,
            lineHeight: 1.1,
            whiteSpace: 'nowrap',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
          }}
        >
          {answer.headline}
        </Typography>
        {answer.drinkableMinutes !== null && (
          <Typography component="p" sx={{ lineHeight: 1.15, fontWeight: 650 }}>
            Drink at {clockTime(later(now, answer.drinkableMinutes))}
          </Typography>
        )}
      </Box>
      {!refused && (
        <Button
          variant="contained"
          startIcon={<PlayArrow />}
          onClick={onStart}
          sx={{ minHeight: 52, flexShrink: 0 }}
        >
          Start
        </Button>
      )}
    </Paper>
  );
}

import { Box, Slider, Typography } from '@mui/material';
import { useState } from 'react';
import type { Plan } from '../../../core/contract';
import { useTrip } from '../TripContext';

const marks = [50, 80, 99].map((value) => ({ value, label: `${value} %` }));

/** How sure the plan is; moving it moves the line, the litres and the weight at once. */
export function PromiseLine({ promise }: { promise: Plan['promise'] }) {
  const { look, change, isFirst } = useTrip();
  const [held, setHeld] = useState<number | null>(null);
  if (isFirst)
    return (
      <Typography role="status">
        A first answer, for the middle. The sure one is being worked out …
      </Typography>
    );
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) minmax(200px, 1.1fr)' },
        columnGap: 2,
        alignItems: 'center',
      }}
    >
      <Typography
        role="status"
        data-testid="promise"
        sx={{ fontWeight: 650, lineHeight: 1.2, color: promise.kept ? undefined : 'error.main' }}
      >
        {promise.words}
      </Typography>
      <Box sx={{ px: 2.5 }}>
        <Slider
          aria-label="Wanted certainty"
          value={held ?? Math.round(promise.certainty * 100)}
          min={50}
          max={99}
          marks={marks}
          getAriaValueText={(value) => (value === 50 ? 'for the middle' : `${value} % sure`)}
          valueLabelDisplay="auto"
          onChange={(_, value) => {
            setHeld(value);
            look({ certainty: value / 100 });
          }}
          onChangeCommitted={(_, value) => {
            setHeld(null);
            change({ certainty: value / 100 });
          }}
          sx={{ '& .MuiSlider-markLabel': { color: 'text.primary', fontSize: '1rem' } }}
        />
      </Box>
    </Box>
  );
}

import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { NumberEntry } from '../../../shared/NumberEntry';
import { asEntered, type Entry } from '../../../shared/entered';

interface Climb {
  startM: number | null;
  upM: number | null;
  downM: number | null;
}

/** Climb by hand, for a track that has no heights. */
export function ClimbForm({ onClimb }: { onClimb: (climb: Climb) => void }) {
  const [startM, setStart] = useState<Entry>(null);
  const [upM, setUp] = useState<Entry>(null);
  const [downM, setDown] = useState<Entry>(null);
  return (
    <>
      <Typography>Read the climb off a map: sweat and pace hang on it.</Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 1fr' } }}>
        <NumberEntry
          label="Height of the start"
          quantity="elevation"
          step={10}
          value={startM}
          onChange={setStart}
        />
        <NumberEntry label="Up in all" quantity="elevation" step={50} value={upM} onChange={setUp} />
        <NumberEntry label="Down in all" quantity="elevation" step={50} value={downM} onChange={setDown} />
      </Box>
      <Box>
        <Button
          variant="outlined"
          disabled={upM === null && downM === null}
          onClick={() =>
            onClimb({
              startM: asEntered(startM),
              upM: asEntered(upM),
              downM: asEntered(downM),
            })
          }
        >
          Count this climb
        </Button>
      </Box>
    </>
  );
}

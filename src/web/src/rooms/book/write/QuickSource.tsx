import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { SelectEntry } from '../../../shared/SelectEntry';
import type { Entry } from '../../../store/bookLines';
import { useSourcesNow } from '../../../store/InHandContext';

/** A source found running or dry, or walked by: one tap each. */
export function QuickSource({ write }: { write: (line: Entry) => Promise<void> }) {
  const sources = (useSourcesNow() ?? []).toSorted((a, b) => (a.body.alongKm ?? 0) - (b.body.alongKm ?? 0));
  const [chosen, setChosen] = useState<string | null>(null);
  const sourceId = chosen ?? sources[0]?.id;
  if (sourceId === undefined) return null;
  return (
    <Box>
      <Typography variant="h3" sx={{ mb: 1 }}>
        A source
      </Typography>
      <SelectEntry
        label="Which"
        value={sourceId}
        onChange={setChosen}
        choices={sources.map(({ id, body }) => ({ id, name: body.name ?? '' }))}
      />
      <Box sx={{ display: 'grid', gap: 1, mt: 1, gridTemplateColumns: 'repeat(3, 1fr)' }}>
        <Button
          variant="outlined"
          onClick={() => void write({ kind: 'sourceSeen', sourceId, flowing: true })}
        >
          It runs
        </Button>
        <Button
          variant="outlined"
          onClick={() => void write({ kind: 'sourceSeen', sourceId, flowing: false })}
        >
          It is dry
        </Button>
        <Button variant="outlined" onClick={() => void write({ kind: 'passedBy', sourceId })}>
          Passed by
        </Button>
      </Box>
    </Box>
  );
}

import { Box } from '@mui/material';
import type { ReactNode } from 'react';

interface Props {
  /** The answer in short: on a phone it stands above everything. */
  head: ReactNode;
  inputs: ReactNode;
  details: ReactNode;
}

/** Never wider than its place, however long a word in it is. */
const column = { display: 'grid', gap: 1.5, gridTemplateColumns: 'minmax(0, 1fr)' } as const;

/** Inputs with their answer beside them on a wide screen; on a phone the answer first, then the inputs, then the rest. */
export function AnswerBeside({ head, inputs, details }: Props) {
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.5,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1.25fr)' },
        gridTemplateAreas: { xs: '"head" "inputs" "details"', lg: '"inputs answer"' },
      }}
    >
      <Box sx={{ gridArea: 'inputs', ...column }}>{inputs}</Box>
      <Box
        sx={{
          display: { xs: 'contents', lg: 'grid' },
          gap: 1.5,
          gridArea: 'answer',
          gridTemplateColumns: 'minmax(0, 1fr)',
        }}
      >
        <Box sx={{ gridArea: { xs: 'head', lg: 'auto' } }}>{head}</Box>
        <Box sx={{ gridArea: { xs: 'details', lg: 'auto' }, ...column }}>{details}</Box>
      </Box>
    </Box>
  );
}

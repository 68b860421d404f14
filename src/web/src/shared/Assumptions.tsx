import { Box, Typography } from '@mui/material';
import type { Schema } from '../core/contract';

/** What was not known and counted as worse. */
export function Assumptions({ assumptions }: { assumptions: Schema<'Assumption'>[] }) {
  if (assumptions.length === 0) return null;
  return (
    <div>
      <Typography variant="h3" gutterBottom>
        Not known, so counted as worse
      </Typography>
      <Box component="ul" aria-label="Assumptions" sx={{ m: 0, pl: 2.5 }}>
        {assumptions.map(({ field, message }) => (
          <li key={field}>
            <Typography>{message}</Typography>
          </li>
        ))}
      </Box>
    </div>
  );
}

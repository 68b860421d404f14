import { Typography } from '@mui/material';
import type { ReactNode } from 'react';

/** What went wrong and what to do, read out at once. */
export function ProblemLine({ children }: { children: ReactNode }) {
  return (
    <Typography role="alert" color="error">
      {children}
    </Typography>
  );
}

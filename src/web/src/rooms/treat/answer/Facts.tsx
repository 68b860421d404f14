import { Box, Typography } from '@mui/material';
import type { ReactNode } from 'react';

/** Short facts in two columns: what, and how much. */
export function Facts({ children }: { children: ReactNode }) {
  return (
    <Box
      component="dl"
      sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2, rowGap: 0.75 }}
    >
      {children}
    </Box>
  );
}

export function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <Typography component="dt" sx={{ color: 'text.secondary' }}>
        {name}
      </Typography>
      <Typography component="dd" sx={{ m: 0, fontWeight: 600 }}>
        {children}
      </Typography>
    </>
  );
}

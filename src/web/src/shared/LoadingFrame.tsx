import { Box, Typography } from '@mui/material';
import type { ReactNode } from 'react';

/** The page before it has a place to show. */
export function LoadingFrame({ role, children }: { role: 'alert' | 'status'; children: ReactNode }) {
  return (
    <Box role={role} sx={{ p: 4, maxWidth: 560 }}>
      <Typography variant="h1" component="p" gutterBottom>
        Jolly Brook
      </Typography>
      {children}
    </Box>
  );
}

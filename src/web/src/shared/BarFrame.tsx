import { Box } from '@mui/material';
import type { ReactNode } from 'react';

/** The frame that bars are drawn in; what they say stands beside them in words. */
export function BarFrame({ children }: { children: ReactNode }) {
  return (
    <Box
      aria-hidden
      sx={{
        position: 'relative',
        height: 22,
        border: 1,
        borderColor: 'divider',
        borderRadius: 1,
        display: 'flex',
      }}
    >
      {children}
    </Box>
  );
}

/** The upright line that a bar is held against. */
export function BarMark({ percent }: { percent: number }) {
  return (
    <Box
      sx={{
        position: 'absolute',
        left: `calc(${percent}% - 2px)`,
        top: -5,
        bottom: -5,
        width: 3,
        bgcolor: 'text.primary',
      }}
    />
  );
}

import { Paper, Stack, Typography } from '@mui/material';
import type { ReactNode } from 'react';

/** A sheet of a room with its heading. */
export function Section({ title, children, label }: { title?: string; label?: string; children: ReactNode }) {
  return (
    <Paper
      component="section"
      aria-label={title ?? label}
      variant="outlined"
      sx={{ p: { xs: 1.5, md: 2 }, borderColor: 'divider' }}
    >
      <Stack spacing={2}>
        {title && <Typography variant="h2">{title}</Typography>}
        {children}
      </Stack>
    </Paper>
  );
}

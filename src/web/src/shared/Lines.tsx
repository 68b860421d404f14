import { Box, Typography } from '@mui/material';

/** Sentences, one under the other. */
export function Lines({ lines, label, strong }: { lines: string[]; label?: string; strong?: boolean }) {
  return (
    <Box component="ul" aria-label={label} sx={{ m: 0, pl: 2.5 }}>
      {lines.map((line) => (
        <li key={line}>
          <Typography sx={strong ? { fontWeight: 650 } : undefined}>{line}</Typography>
        </li>
      ))}
    </Box>
  );
}

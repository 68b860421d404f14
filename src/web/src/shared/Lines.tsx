import { Box, Typography } from '@mui/material';

/** Sentences, one under the other. */
export function Lines({ lines, label }: { lines: string[]; label?: string }) {
  return (
    <Box component="ul" aria-label={label} sx={{ m: 0, pl: 2.5 }}>
      {lines.map((line) => (
        <li key={line}>
          <Typography>{line}</Typography>
        </li>
      ))}
    </Box>
  );
}

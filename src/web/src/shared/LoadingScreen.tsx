import { Box, Typography } from '@mui/material';
import { CoreFailed } from './CoreFailed';

/** Shown for the moment before the core is there, and in its place if it can't be. */
export function LoadingScreen({ failure }: { failure: string | null }) {
  return (
    <Box role={failure ? 'alert' : 'status'} sx={{ p: 4, maxWidth: 560 }}>
      <Typography variant="h1" component="p" gutterBottom>
        Jolly Brook
      </Typography>
      {failure === null ? <Typography>Getting ready…</Typography> : <CoreFailed reason={failure} />}
    </Box>
  );
}

import { Stack, Typography } from '@mui/material';

/** Stands for a place that is not on the device while there is no signal. */
export function NotHereYetScreen() {
  return (
    <Stack role="alert" spacing={2} sx={{ p: 4, maxWidth: 560 }}>
      <Typography variant="h1">This place is not on this device yet</Typography>
      <Typography>
        It could not be fetched. Water and Now are here and work without a signal; leave this page open. It is
        tried again every few seconds, and comes by itself where there is a signal.
      </Typography>
    </Stack>
  );
}

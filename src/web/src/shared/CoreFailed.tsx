import { Button, Stack, Typography } from '@mui/material';

/** Nothing can be worked out: what that means, and the one thing to do. */
export function CoreFailed({ reason }: { reason: string }) {
  return (
    <Stack spacing={1.5} sx={{ alignItems: 'flex-start' }}>
      <Typography variant="h2" component="p">
        Nothing can be worked out just now
      </Typography>
      <Typography>
        The part of the program that reckons could not be read from this device. Take no older answer for a
        new one: when in doubt, boil. What you wrote is safe. Load the page again; if that does not help, load
        it where there is a signal.
      </Typography>
      <Button variant="contained" onClick={() => window.location.reload()}>
        Load it again
      </Button>
      <Typography variant="body2" color="text.secondary" sx={{ overflowWrap: 'anywhere' }}>
        {reason}
      </Typography>
    </Stack>
  );
}

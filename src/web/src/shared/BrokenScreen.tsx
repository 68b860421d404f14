import { Button, Stack, Typography } from '@mui/material';
import { forgetAllLocal } from './localThing';
import { messageOf } from './messageOf';

/** Says that a screen broke, that nothing is lost, and what to do. */
export function BrokenScreen({ error }: { error: unknown }) {
  const startClean = () => {
    forgetAllLocal();
    window.location.reload();
  };
  return (
    <Stack role="alert" spacing={2} sx={{ p: 4, maxWidth: 560, alignItems: 'flex-start' }}>
      <Typography variant="h1">This screen broke</Typography>
      <Typography>
        Your records are safe on this device. Load the page again; if it breaks once more, start it with your
        last choices put aside.
      </Typography>
      <Stack direction="row" spacing={1} useFlexGap sx={{ flexWrap: 'wrap' }}>
        <Button variant="contained" onClick={() => window.location.reload()}>
          Load it again
        </Button>
        <Button variant="outlined" onClick={startClean}>
          Put last choices aside
        </Button>
      </Stack>
      <Typography variant="body2" color="text.secondary">
        {messageOf(error)}
      </Typography>
    </Stack>
  );
}

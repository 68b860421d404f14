import { Button, Stack, Typography } from '@mui/material';
import { useEffect, useState } from 'react';
import { LoadingFrame } from '../shared/LoadingFrame';

/** Nothing is said of it before that, ms: as a rule it is through by then. */
const quietMs = 3_000;

/** Book and kit are on their way to a new device; where they take long, one may go on without them. */
export function Fetching({ onGoOn }: { onGoOn: () => void }) {
  const [isLong, setLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLong(true), quietMs);
    return () => clearTimeout(timer);
  }, []);
  return (
    <LoadingFrame role="status">
      <Stack spacing={1.5} sx={{ alignItems: 'flex-start' }}>
        <Typography>Getting ready…</Typography>
        {isLong && (
          <>
            <Typography>
              Your book and kit are on their way to this device. Until they are here it knows nothing of what
              you carry, and answers for an empty bag.
            </Typography>
            <Button variant="outlined" onClick={onGoOn}>
              Go on without them
            </Button>
          </>
        )}
      </Stack>
    </LoadingFrame>
  );
}

import { Button, Stack } from '@mui/material';
import type { ReactNode } from 'react';
import { ProblemLine } from './ProblemLine';

interface Props {
  /** What the button says. */
  action: string;
  onSubmit: () => void;
  /** Whether an answer is awaited. */
  busy: boolean;
  /** What went wrong that no field shows. */
  error: string | null;
  /** Further buttons beside it. */
  more?: ReactNode;
  children: ReactNode;
}

/** Fields and one button; Enter does what the button does. */
export function Form({ action, onSubmit, busy, error, more, children }: Props) {
  return (
    <Stack
      component="form"
      spacing={2}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!busy) onSubmit();
      }}
    >
      {children}
      {error !== null && <ProblemLine>{error}</ProblemLine>}
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        <Button type="submit" variant="contained" size="large" disabled={busy}>
          {action}
        </Button>
        {more}
      </Stack>
    </Stack>
  );
}

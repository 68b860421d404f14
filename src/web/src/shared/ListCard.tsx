import { ButtonBase, Paper } from '@mui/material';
import type { ReactNode } from 'react';

interface Props {
  chosen: boolean;
  onOpen: () => void;
  children: ReactNode;
}

/** One entry of a list that opens beside it; the open one is framed. */
export function ListCard({ chosen, onOpen, children }: Props) {
  return (
    <Paper
      variant="outlined"
      sx={{ borderWidth: chosen ? 3 : 1, borderColor: chosen ? 'primary.main' : 'divider' }}
    >
      <ButtonBase
        onClick={onOpen}
        aria-current={chosen ? 'true' : undefined}
        sx={{
          display: 'grid',
          gap: 0.5,
          p: 1.5,
          minHeight: 48,
          width: '100%',
          textAlign: 'left',
          gridTemplateColumns: 'minmax(0, 1fr)',
          justifyContent: 'stretch',
          borderRadius: 'inherit',
        }}
      >
        {children}
      </ButtonBase>
    </Paper>
  );
}

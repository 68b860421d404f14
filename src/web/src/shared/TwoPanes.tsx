import ArrowBack from '@mui/icons-material/ArrowBack';
import { Box, Button, Typography, useMediaQuery, type Theme } from '@mui/material';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

interface Props {
  /** The room's name, for a phone that shows the detail alone; left out where the detail has a heading of its own. */
  title?: string;
  list: ReactNode;
  detail: ReactNode | null;
  /** Where "back" leads on a phone, which shows one pane at a time. */
  backTo: string;
  /** Whether a phone shows the detail. */
  onDetail: boolean;
}

/** A list and one of its entries: side by side on a wide screen, one after the other on a phone. */
export function TwoPanes({ title, list, detail, backTo, onDetail }: Props) {
  const isWide = useMediaQuery((theme: Theme) => theme.breakpoints.up('lg'), { noSsr: true });
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 5fr) minmax(0, 7fr)' },
      }}
    >
      {(isWide || !onDetail) && <Box>{list}</Box>}
      {detail && (isWide || onDetail) && (
        <Box
          sx={{
            position: { lg: 'sticky' },
            top: 16,
            maxHeight: { lg: 'calc(100dvh - 64px)' },
            overflowY: { lg: 'auto' },
          }}
        >
          {!isWide && (
            <Button component={Link} to={backTo} startIcon={<ArrowBack />} sx={{ mb: 1 }}>
              All of them
            </Button>
          )}
          {!isWide && title && (
            <Typography variant="h1" sx={{ position: 'absolute', left: -9999 }}>
              {title}
            </Typography>
          )}
          {detail}
        </Box>
      )}
    </Box>
  );
}

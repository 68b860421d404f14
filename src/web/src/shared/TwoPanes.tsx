import ArrowBack from '@mui/icons-material/ArrowBack';
import { Box, Button, Typography } from '@mui/material';
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
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 5fr) minmax(0, 7fr)' },
      }}
    >
      <Box sx={{ display: { xs: onDetail ? 'none' : 'block', lg: 'block' } }}>{list}</Box>
      {detail && (
        <Box
          sx={{
            display: { xs: onDetail ? 'block' : 'none', lg: 'block' },
            position: { lg: 'sticky' },
            top: 16,
            maxHeight: { lg: 'calc(100dvh - 64px)' },
            overflowY: { lg: 'auto' },
          }}
        >
          <Button
            component={Link}
            to={backTo}
            startIcon={<ArrowBack />}
            sx={{ display: { lg: 'none' }, mb: 1 }}
          >
            All of them
          </Button>
          {title && (
            <Typography variant="h1" sx={{ position: 'absolute', left: -9999, display: { lg: 'none' } }}>
              {title}
            </Typography>
          )}
          {detail}
        </Box>
      )}
    </Box>
  );
}

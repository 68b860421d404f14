import ArrowBack from '@mui/icons-material/ArrowBack';
import { Box, Button } from '@mui/material';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

interface Props {
  list: ReactNode;
  detail: ReactNode | null;
  /** Where "back" leads on a phone, which shows one pane at a time. */
  backTo: string;
  /** Whether a phone shows the detail. */
  onDetail: boolean;
}

/** A list and one of its entries: side by side on a wide screen, one after the other on a phone. */
export function TwoPanes({ list, detail, backTo, onDetail }: Props) {
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
          {detail}
        </Box>
      )}
    </Box>
  );
}

import ArrowBack from '@mui/icons-material/ArrowBack';
import { Box, Button, Paper, Stack, useMediaQuery, type Theme } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import type { Plan } from '../../../core/contract';
import { TripMap } from '../map/TripMap';
import { PlanHead } from '../plan/PlanHead';
import { RouteStrip } from '../plan/RouteStrip';
import { SourceEditor } from '../sources/SourceEditor';
import { useTrip } from '../TripContext';
import { StopsPane } from './StopsPane';

/** The desk: promise, strip, map and stops on one screen of a wide page; on a phone one below the other. */
export function TripDesk({ plan }: { plan: Plan }) {
  const { sources } = useTrip();
  const wide = useMediaQuery((theme: Theme) => theme.breakpoints.up('lg'));
  const [selected, setSelected] = useState<string | null>(null);
  const source = sources.find(({ id }) => id === selected);
  const stop = plan.stops.find(({ id }) => id === selected) ?? null;
  const pane = useRef<HTMLDivElement>(null);
  const isEditing = source !== undefined;
  useEffect(() => {
    // On a phone what was opened lies below the picture it was touched on.
    if (!wide && isEditing) pane.current?.scrollIntoView();
  }, [wide, isEditing]);
  const side = source ? (
    <Stack spacing={1}>
      <Box>
        <Button startIcon={<ArrowBack />} onClick={() => setSelected(null)}>
          All places
        </Button>
      </Box>
      <SourceEditor key={source.id} record={source} stop={stop} />
    </Stack>
  ) : (
    <StopsPane plan={plan} selected={selected} onSelect={setSelected} />
  );
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1.62fr) minmax(0, 1fr)' },
        gridTemplateRows: { lg: 'auto minmax(0, 1fr)' },
        // All of it is seen at once: what is longer scrolls inside its own pane.
        height: { lg: 'calc(100dvh - 152px)' },
        minHeight: { lg: 560 },
      }}
    >
      <Box sx={{ gridColumn: '1 / -1' }}>
        <PlanHead plan={plan} />
      </Box>
      <Box
        sx={{
          display: 'grid',
          gap: 1,
          minHeight: 0,
          gridTemplateRows: { lg: 'auto minmax(180px, 1fr)' },
          gridTemplateColumns: 'minmax(0, 1fr)',
        }}
      >
        <Paper
          component="section"
          aria-label="Strip"
          variant="outlined"
          sx={{ p: 1, borderColor: 'divider' }}
        >
          <RouteStrip plan={plan} height={wide ? 206 : 300} selected={selected} onSelect={setSelected} />
        </Paper>
        <Paper
          component="section"
          aria-label="Map"
          variant="outlined"
          sx={{ borderColor: 'divider', overflow: 'hidden', minHeight: 0, height: { xs: 320, lg: 'auto' } }}
        >
          <TripMap selected={selected} onSelect={setSelected} />
        </Paper>
      </Box>
      <Box ref={pane} sx={{ minHeight: 0, overflowY: { lg: 'auto' } }}>
        {side}
      </Box>
    </Box>
  );
}

import { Box, Typography } from '@mui/material';
import { lazy, Suspense } from 'react';
import { usePlace } from '../../../store/usePlace';
import { useTrip } from '../TripContext';
import { useMapLine } from './useMapLine';

/** Fetched after the answer, and kept with the program for when there is no signal. */
const MapView = lazy(() => import('./MapView'));

interface Props {
  selected: string | null;
  onSelect: (id: string) => void;
}

/** The walk seen from above: the line, the waters, the camps, and where one is. */
export function TripMap({ selected, onSelect }: Props) {
  const { route, record, sources, plan } = useTrip();
  const line = useMapLine(route);
  const { place } = usePlace();
  if (line?.length === 0)
    return (
      <Box sx={{ p: 2 }}>
        <Typography color="text.secondary">
          This route was typed in legs and has no line on a map. A track file gives it one, under Ground.
        </Typography>
      </Box>
    );
  const waiting = <Typography sx={{ p: 2 }}>Drawing the map…</Typography>;
  if (line === null || !plan.response) return waiting;
  return (
    <Suspense fallback={waiting}>
      <MapView
        line={line}
        stops={plan.response.stops}
        sources={sources}
        hereKm={place?.routeId === record.id ? place.km : null}
        selected={selected}
        onSelect={onSelect}
      />
    </Suspense>
  );
}

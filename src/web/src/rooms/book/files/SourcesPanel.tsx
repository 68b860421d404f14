import Download from '@mui/icons-material/Download';
import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { calculate } from '../../../core/core';
import type { Schema } from '../../../core/contract';
import { ProblemLine } from '../../../shared/ProblemLine';
import { RouteSelect } from '../../../shared/RouteSelect';
import { saveFile } from '../../../shared/saveFile';
import { Section } from '../../../shared/Section';
import { useRouteChoice } from '../../../shared/useRouteChoice';
import { useCurrent } from '../../../store/useRecords';
import { SourcesIn } from '../../route/sources/SourcesIn';

const formats: { id: Schema<'TripFileFormat'>; name: string }[] = [
  { id: 'gpx', name: 'GPX' },
  { id: 'geoJson', name: 'GeoJSON' },
  { id: 'csv', name: 'Table (CSV)' },
];

/** A trip for maps and other programs: line and sources out, with all that is known of each; sources in. */
export function SourcesPanel() {
  const { routes, route, choose } = useRouteChoice();
  const [wrong, setWrong] = useState<string | null>(null);
  const all = useCurrent('trip-source') ?? [];
  const sources = all.filter((s) => route === undefined || s.body.routeId === route.id);
  const hasLine = Boolean(route?.body.latitudes);
  const placed = hasLine
    ? sources
    : sources.filter(
        (s) => typeof s.body.latitudeDeg === 'number' && typeof s.body.longitudeDeg === 'number',
      );
  const save = async (format: Schema<'TripFileFormat'>) => {
    const outcome = await calculate('write-trip', {
      format,
      route: route?.body ?? null,
      sources: placed.map(({ body }) => ({ source: body })),
    });
    setWrong(outcome.ok ? null : (outcome.problem.errors[0]?.message ?? outcome.problem.detail));
    if (outcome.ok) saveFile(outcome.response.name, outcome.response.mediaType, outcome.response.text);
  };
  return (
    <Section title="The trip for maps">
      <RouteSelect routes={routes ?? []} route={route} onChoose={choose} />
      <Typography>
        {placed.length} of {sources.length} sources have a place on the map. Taken in again here, the file
        brings everything back: reports, what not to use, days and containers.
      </Typography>
      {(placed.length > 0 || hasLine) && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {formats.map(({ id, name }) => (
            <Button key={id} variant="outlined" startIcon={<Download />} onClick={() => void save(id)}>
              {name}
            </Button>
          ))}
        </Box>
      )}
      {wrong && <ProblemLine>{wrong}</ProblemLine>}
      {route && hasLine && <SourcesIn route={route} known={sources} />}
    </Section>
  );
}

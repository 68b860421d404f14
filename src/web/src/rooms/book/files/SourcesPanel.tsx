import Download from '@mui/icons-material/Download';
import { Box, Button, Typography } from '@mui/material';
import { RouteSelect } from '../../../shared/RouteSelect';
import { saveFile } from '../../../shared/saveFile';
import { Section } from '../../../shared/Section';
import { useRouteChoice } from '../../../shared/useRouteChoice';
import { useRecords } from '../../../store/useRecords';
import { SourcesIn } from './SourcesIn';
import { sourcesGeoJson, sourcesGpx } from './sourceFiles';

/** Sources for maps: out and in, with what is known of each. */
export function SourcesPanel() {
  const { routes, route, choose } = useRouteChoice();
  const all = useRecords('trip-source') ?? [];
  const sources = all.filter((s) => route === undefined || s.body.routeId === route.id);
  const placed = sources.filter(
    (s) => typeof s.body.latitudeDeg === 'number' && typeof s.body.longitudeDeg === 'number',
  );
  return (
    <Section title="Sources for maps">
      <RouteSelect routes={routes ?? []} route={route} onChoose={choose} />
      <Typography>
        {placed.length} of {sources.length} sources have a place on the map.
      </Typography>
      {placed.length > 0 && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button
            variant="outlined"
            startIcon={<Download />}
            onClick={() => saveFile('sources.gpx', 'application/gpx+xml', sourcesGpx(placed))}
          >
            GPX
          </Button>
          <Button
            variant="outlined"
            startIcon={<Download />}
            onClick={() => saveFile('sources.geojson', 'application/geo+json', sourcesGeoJson(placed))}
          >
            GeoJSON
          </Button>
        </Box>
      )}
      {route && <SourcesIn route={route} known={sources} />}
    </Section>
  );
}

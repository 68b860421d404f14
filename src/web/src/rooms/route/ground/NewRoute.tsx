import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { ReadRoute } from '../../../core/contract';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { useLoggingBook } from '../../../store/books';
import { keep, keepMany } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { FileButton } from '../../../shared/FileButton';
import { FoundReview } from './FoundReview';
import { LegsForm } from './LegsForm';
import { groundOf, sourceOf, useReadRoute, type Ticked } from './useReadRoute';

/** A route begins with a dropped track, or with legs typed by hand. */
export function NewRoute({ first }: { first: boolean }) {
  const store = useStore();
  const book = useLoggingBook();
  const navigate = useNavigate();
  const { busy, problem, read } = useReadRoute();
  const [over, setOver] = useState(false);
  const [found, setFound] = useState<{ ground: ReadRoute; name: string } | null>(null);

  const begin = async (ground: ReadRoute, name: string, places: Ticked[] = []) => {
    const body = {
      name: name.slice(0, 80) || 'New route',
      startDate: new Date().toISOString().slice(0, 10),
      ...groundOf(ground),
    };
    const id = await keep(store.db, 'route', body as never, { book: book.id }).catch(() => null);
    if (id === null) return;
    const sources = places.filter(({ isTaken }) => isTaken).map((place) => sourceOf(place, id));
    if (sources.length > 0)
      await keepMany(store.db, 'trip-source', sources, { book: book.id }).catch(() => undefined);
    store.sync.nudge();
    void navigate(`/route/${id}/plan`);
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    const ground = await read(file);
    if (ground) setFound({ ground, name: ground.name || file.name.replace(/\.[^.]+$/, '') });
  };

  if (found)
    return (
      <FoundReview
        key={found.name}
        ground={found.ground}
        name={found.name}
        onMake={(places) => void begin(found.ground, found.name, places)}
        onBack={() => setFound(null)}
      />
    );
  return (
    <Stack spacing={2} sx={{ maxWidth: 760 }}>
      <Typography variant="h1">{first ? 'Route' : 'New route'}</Typography>
      <Section title="Drop a track">
        <Box
          onDragOver={(event) => {
            event.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          onDrop={(event) => {
            event.preventDefault();
            setOver(false);
            void take(event.dataTransfer.files[0]);
          }}
          sx={{
            border: 3,
            borderStyle: 'dashed',
            borderColor: over ? 'primary.main' : 'divider',
            borderRadius: 2,
            p: 3,
            textAlign: 'center',
          }}
        >
          <Typography sx={{ mb: 1.5 }}>
            {busy
              ? 'Reading it …'
              : 'GPX or GeoJSON, a track or a route. Its places are shown before any becomes a source.'}
          </Typography>
          <FileButton
            label="Choose a file"
            name="Track file"
            accept=".gpx,.geojson,.json,application/gpx+xml,application/geo+json"
            onFile={(file) => void take(file)}
          />
        </Box>
        {problem && <ProblemLine>{problem.errors[0]?.message ?? problem.detail}</ProblemLine>}
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          Reading a file needs the server. Legs typed by hand work without it.
        </Typography>
      </Section>
      <Section title="Or type the legs">
        <LegsForm action="Make the route" onLegs={(ground, name) => void begin(ground, name)} />
      </Section>
      {!first && (
        <Box>
          <Button component={Link} to="/route">
            Back to the routes
          </Button>
        </Box>
      )}
    </Stack>
  );
}

import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { ReadRoute } from '../../../core/contract';
import { FileButton } from '../../../shared/FileButton';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { TakenOut } from '../../../shared/TakenOut';
import { today } from '../../../shared/time';
import { useLoggingBook } from '../../../store/books';
import { keep, keepMany } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { useRecords } from '../../../store/useRecords';
import { useRetire } from '../../../store/useRetire';
import { takenAs, type Ticked } from '../sources/ticks';
import { FoundReview } from './FoundReview';
import { routeOf } from './groundOf';
import { LegsForm } from './LegsForm';
import { trackFiles, useTrackFile } from './useTrackFile';
import { withZone } from './withZone';

/** A route begins with a dropped track, or with legs typed by hand. */
export function NewRoute({ first }: { first: boolean }) {
  const store = useStore();
  const book = useLoggingBook();
  const navigate = useNavigate();
  const track = useTrackFile();
  const { busy, wrong, ground } = track;
  const [over, setOver] = useState(false);
  const retire = useRetire('route');
  const routes = useRecords('route') ?? [];
  const [out, current] = [
    routes.filter(({ body }) => body.retired === true),
    routes.filter(({ body }) => body.retired !== true && body.latitudes),
  ];

  const begin = async (read: ReadRoute, name: string, places: Ticked[] = []) => {
    const made = routeOf(read, name, today());
    // A file of ours says what clock it keeps.
    const body = read.whole ? made : await withZone(made);
    const id = await keep(store.db, 'route', body, { book: book.id }).catch(() => null);
    if (id === null) return;
    const sources = takenAs(id, places);
    if (sources.length > 0)
      await keepMany(store.db, 'trip-source', sources, { book: book.id }).catch(() => undefined);
    store.sync.nudge();
    void navigate(`/route/${id}/plan`);
  };

  if (ground)
    return (
      <FoundReview
        key={track.name}
        track={{ ...track, ground }}
        action={(sources) =>
          sources === 0
            ? 'Make the route'
            : `Make the route with ${sources === 1 ? '1 source' : `${sources} sources`}`
        }
        onTake={(places) => void begin(ground, track.name, places)}
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
            const file = event.dataTransfer.files[0];
            if (file) void track.take(file);
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
              : 'GPX, KML or GeoJSON, plain or zipped. Its places are shown before any becomes a source.'}
          </Typography>
          <FileButton
            label="Choose a file"
            name="Track file"
            accept={trackFiles}
            onFile={(file) => void track.take(file)}
          />
        </Box>
        {wrong && <ProblemLine>{wrong}</ProblemLine>}
        {wrong && current.length > 0 && (
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
            <Typography>Places alone go into a route’s sources:</Typography>
            {current.map(({ id, body }) => (
              <Button key={id} component={Link} to={`/route/${id}/sources`}>
                {body.name}
              </Button>
            ))}
          </Box>
        )}
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          It is read on this device, with signal or without, and sent nowhere.
        </Typography>
      </Section>
      <Section title="Or type the legs">
        <LegsForm action="Make the route" onLegs={(ground, name) => void begin(ground, name)} />
      </Section>
      <TakenOut
        things={out.map(({ id, body }) => ({ id, name: body.name ?? '' }))}
        onPutBack={(id) => {
          void retire(
            out.find((r) => r.id === id)!,
            false,
          ).then((done) => done && navigate(`/route/${id}/plan`));
        }}
      />
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

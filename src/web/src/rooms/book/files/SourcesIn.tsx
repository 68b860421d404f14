import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../core/CatalogueContext';
import { calculate } from '../../../core/core';
import type { Schema } from '../../../core/contract';
import { FileButton } from '../../../shared/FileButton';
import { ProblemLine } from '../../../shared/ProblemLine';
import { show } from '../../../shared/units';
import { keepMany, type Kept } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { readPlaces } from './sourceFiles';

type Source = Schema<'TripSource'>;

interface Props {
  route: Kept<'route'>;
  known: Kept<'trip-source'>[];
}

/** Sources in: put on the route's line, shown before they are kept. */
export function SourcesIn({ route, known }: Props) {
  const store = useStore();
  const catalogue = useCatalogue();
  const [wrong, setWrong] = useState<string | null>(null);
  const [found, setFound] = useState<Source[] | null>(null);
  const [kept, setKept] = useState<number | null>(null);

  const open = async (file: File) => {
    setKept(null);
    setFound(null);
    const places = readPlaces(await file.text());
    if (typeof places === 'string') {
      setWrong(places);
      return;
    }
    const outcome = await calculate('route-places', {
      route: route.body,
      points: places.map(({ name, words, latitudeDeg, longitudeDeg }) => ({
        name,
        words,
        latitudeDeg,
        longitudeDeg,
      })),
    });
    if (!outcome.ok) {
      setWrong(outcome.problem.errors[0]?.message ?? outcome.problem.title);
      return;
    }
    setWrong(null);
    const have = new Set(known.map(({ body }) => `${body.name} ${body.latitudeDeg} ${body.longitudeDeg}`));
    setFound(
      outcome.response.places
        .map((p): Source => {
          const ours = places.find(
            (q) => q.latitudeDeg === p.latitudeDeg && q.longitudeDeg === p.longitudeDeg && q.name === p.name,
          );
          return {
            ...ours?.source,
            name: (p.name || 'Unnamed water').slice(0, 80),
            class: ours?.source?.class ?? p.class ?? 'unknown',
            alongKm: p.alongKm,
            latitudeDeg: p.latitudeDeg,
            longitudeDeg: p.longitudeDeg,
            routeId: route.id,
          };
        })
        .filter((s) => !have.has(`${s.name} ${s.latitudeDeg} ${s.longitudeDeg}`)),
    );
  };
  const takeIn = async () => {
    const ids = await keepMany(store.db, 'trip-source', found ?? [], { book: route.book }).catch(() => null);
    if (ids === null) return;
    store.sync.nudge();
    setKept(ids.length);
    setFound(null);
  };
  return (
    <>
      <Box>
        <FileButton
          label="Take sources in from GPX or GeoJSON"
          name="Sources file"
          accept=".gpx,.geojson,.json"
          onFile={(file) => void open(file)}
        />
      </Box>
      {wrong && <ProblemLine>{wrong}</ProblemLine>}
      {kept !== null && <Typography role="status">{kept} sources are on the route.</Typography>}
      {found && (
        <>
          <Typography sx={{ fontWeight: 700 }}>{found.length} new sources. They would stand here:</Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {found.map((s) => (
              <li key={`${s.name}${s.alongKm}`}>
                <Typography>
                  {s.name}: {show(catalogue, 'distance', s.alongKm ?? 0)} along
                </Typography>
              </li>
            ))}
          </Box>
          <Box>
            <Button variant="contained" disabled={found.length === 0} onClick={() => void takeIn()}>
              Take them in
            </Button>
          </Box>
        </>
      )}
    </>
  );
}

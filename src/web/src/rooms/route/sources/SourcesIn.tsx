import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useReading } from '../../../core/useReading';
import { FileButton } from '../../../shared/FileButton';
import { ProblemLine } from '../../../shared/ProblemLine';
import { today } from '../../../shared/time';
import { useSettings } from '../../../store/LocalDataContext';
import { keepMany, type Kept } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { PlaceTicks } from './PlaceTicks';
import { offered, takenAs, type Ticked } from './ticks';

interface Props {
  route: Kept<'route'>;
  known: Kept<'trip-source'>[];
}

/** Sources in from a file: put on the route's line, looked at one by one before any is kept. */
export function SourcesIn({ route, known }: Props) {
  const store = useStore();
  const { units } = useSettings().settings;
  const { busy, wrong, read } = useReading('read-places');
  const [found, setFound] = useState<{ places: Ticked[]; flags: string[] } | null>(null);
  const [kept, setKept] = useState<number | null>(null);

  const open = async (file: File) => {
    setKept(null);
    setFound(null);
    const answer = await read(file, { units, today: today(), route: route.body });
    if (answer)
      setFound({
        places: offered(
          answer.places,
          known.map(({ body }) => body),
        ),
        flags: answer.flags,
      });
  };
  const takeIn = async (places: Ticked[]) => {
    const ids = await keepMany(store.db, 'trip-source', takenAs(route.id, places), {
      book: route.book,
    }).catch(() => null);
    if (ids === null) return;
    store.sync.nudge();
    setKept(ids.length);
    setFound(null);
  };
  const taken = found?.places.filter(({ isTaken }) => isTaken).length ?? 0;
  return (
    <>
      <Box>
        <FileButton
          label={busy ? 'Reading it …' : 'Take sources in from GPX, KML, GeoJSON or a table'}
          name="Sources file"
          accept=".gpx,.kml,.kmz,.geojson,.json,.csv,.zip,.gz,text/csv"
          onFile={(file) => void open(file)}
        />
      </Box>
      {wrong && <ProblemLine>{wrong}</ProblemLine>}
      {kept !== null && (
        <Typography role="status">
          {kept === 1 ? '1 source is' : `${kept} sources are`} on the route.
        </Typography>
      )}
      {found && (
        <>
          <Typography sx={{ fontWeight: 700 }}>
            {found.places.length === 1 ? '1 new place' : `${found.places.length} new places`} in the file.
          </Typography>
          {found.flags.map((flag) => (
            <Typography key={flag}>{flag}</Typography>
          ))}
          {found.places.length > 0 && (
            <PlaceTicks
              places={found.places}
              onChange={(places) => setFound({ places, flags: found.flags })}
            />
          )}
          <Box>
            <Button variant="contained" disabled={taken === 0} onClick={() => void takeIn(found.places)}>
              {taken === 1 ? 'Take 1 source in' : `Take ${taken} sources in`}
            </Button>
          </Box>
        </>
      )}
    </>
  );
}

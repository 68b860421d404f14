import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import { calculate } from '../../../core/core';
import { NumberEntry } from '../../../shared/NumberEntry';
import { ProblemLine } from '../../../shared/ProblemLine';
import { RouteSelect } from '../../../shared/RouteSelect';
import { SelectEntry } from '../../../shared/SelectEntry';
import type { Kept } from '../../../store/records';
import { useCurrent } from '../../../store/useRecords';
import { receiver, simulated, type Positioning } from './position';
import type { Place } from '../../../store/usePlace';
import type { Entry } from '../../../shared/entered';

const byHand = 'by-hand';

interface Props {
  routes: Kept<'route'>[];
  place: Place | null;
  onChoose: (place: Place) => void;
  onClose: () => void;
}

/** The place on the walk: found by satellite, by the source one stands at, or read off the map. */
export function PlaceChoice({ routes, place, onChoose, onClose }: Props) {
  const { offLineKm } = useCatalogue().route;
  const [routeId, setRouteId] = useState(place?.routeId ?? routes[0].id);
  const [km, setKm] = useState<Entry>(place?.km ?? 0);
  const [looking, setLooking] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const route = routes.find(({ id }) => id === routeId) ?? routes[0];
  const sources = (useCurrent('trip-source') ?? [])
    .filter(({ body }) => body.routeId === route.id)
    .toSorted((a, b) => (a.body.alongKm ?? 0) - (b.body.alongKm ?? 0));
  const here = sources.find(({ body }) => body.alongKm === km)?.id ?? byHand;

  const choose = (along: number, by: string) => {
    onChoose({ routeId: route.id, km: along, at: new Date().toISOString(), by });
    onClose();
  };
  const look = async (how: Positioning) => {
    setLooking(true);
    setFailure(null);
    try {
      const { latitudeDeg, longitudeDeg } = await how.find();
      const found = await calculate('route-places', {
        route: route.body,
        points: [{ latitudeDeg, longitudeDeg }],
      });
      const at = found.ok ? found.response.places[0] : undefined;
      if (!found.ok) setFailure(found.problem.errors[0]?.message ?? found.problem.detail);
      else if (!at || at.offKm > offLineKm)
        setFailure(
          `That is ${at ? Math.round(at.offKm) : 'too many'} km off this walk. Choose the place by hand.`,
        );
      else choose(at.alongKm, 'found by satellite');
    } catch (error) {
      setFailure((error as Error).message);
    } finally {
      setLooking(false);
    }
  };
  const walkOn = async () => {
    const line = await calculate('route-line', route.body);
    if (line.ok) await look(simulated(line.response.points, route.body.lengthKm ?? 1, Number(km) || 0));
    else setFailure(line.problem.detail);
  };

  return (
    <Dialog open onClose={onClose} aria-labelledby="place-title" fullWidth maxWidth="xs">
      <DialogTitle id="place-title">Where are you?</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2 }}>
        {routes.length > 1 && <RouteSelect routes={routes} route={route} onChoose={setRouteId} />}
        <Button variant="contained" size="large" disabled={looking} onClick={() => void look(receiver)}>
          {looking ? 'Looking …' : receiver.name}
        </Button>
        <Button variant="outlined" disabled={looking} onClick={() => void walkOn()}>
          Walk on (simulated)
        </Button>
        {failure && <ProblemLine>{failure}</ProblemLine>}
        <Typography>The place stays on this device: it is sent nowhere.</Typography>
        {sources.length > 0 && (
          <SelectEntry
            label="At a source"
            value={here}
            onChange={(id) => {
              const source = sources.find((s) => s.id === id);
              if (source) choose(source.body.alongKm ?? 0, source.body.name ?? '');
            }}
            choices={[
              { id: byHand, name: 'Somewhere between' },
              ...sources.map(({ id, body }) => ({ id, name: body.name ?? '' })),
            ]}
          />
        )}
        <NumberEntry label="How far along" quantity="distance" step={0.5} value={km} onChange={setKm} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={typeof km !== 'number'}
          onClick={() => choose(km as number, 'read off the map')}
        >
          Here
        </Button>
      </DialogActions>
    </Dialog>
  );
}

import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { ReadRoute, Schema } from '../../../core/contract';
import { calculate } from '../../../core/core';
import { useCalculation } from '../../../core/useCalculation';
import { NumberEntry } from '../../../shared/NumberEntry';
import { ProblemLines } from '../../../shared/ProblemLines';
import { SelectEntry } from '../../../shared/SelectEntry';
import { TextEntry } from '../../../shared/TextEntry';
import { show } from '../../../shared/units';
import { useSettings } from '../../../store/LocalDataContext';
import { hoursText } from '../clock';
import { asEntered, type Entry } from '../../../shared/entered';

type Leg = Schema<'RouteLeg'>;

interface Props {
  action: string;
  onLegs: (ground: ReadRoute, name: string) => void;
}

/** Legs by hand: how far, how much up and down, on what ground. */
export function LegsForm({ action, onLegs }: Props) {
  const catalogue = useCatalogue();
  const { units } = useSettings().settings;
  const [name, setName] = useState('');
  const [startM, setStartM] = useState<Entry>(300);
  const [legs, setLegs] = useState<Leg[]>([{ name: '', distanceKm: 6, upM: 300, downM: 0 }]);
  const request = { units, startM: asEntered(startM), legs };
  const { response, problem } = useCalculation('legs', request);
  // What stands in the fields now: the answer shown may still be to what stood there before.
  const make = async () => {
    const outcome = await calculate('legs', request);
    if (outcome.ok) onLegs(outcome.response, name);
  };
  return (
    <>
      <TextEntry label="Name of the route" value={name} onChange={setName} />
      <NumberEntry
        label="Height of the start"
        quantity="elevation"
        step={10}
        value={startM}
        onChange={setStartM}
      />
      {legs.map((leg, i) => {
        const part = (next: Partial<Leg>) => setLegs(legs.map((l, j) => (j === i ? { ...l, ...next } : l)));
        return (
          <Box
            key={i}
            component="section"
            aria-label={`Leg ${i + 1}`}
            sx={{
              display: 'grid',
              gap: 1.5,
              gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
              borderTop: 1,
              borderColor: 'divider',
              pt: 1.5,
            }}
          >
            <NumberEntry
              label={`Leg ${i + 1}, distance`}
              quantity="distance"
              step={0.5}
              value={leg.distanceKm ?? null}
              onChange={(v) => part({ distanceKm: asEntered(v) })}
            />
            <SelectEntry
              label="Ground"
              value={leg.terrain ?? 'goodPath'}
              choices={catalogue.body.terrains}
              onChange={(t) => part({ terrain: t as Leg['terrain'] })}
            />
            <NumberEntry
              label={`Leg ${i + 1}, up`}
              quantity="elevation"
              step={50}
              value={leg.upM ?? 0}
              onChange={(v) => part({ upM: asEntered(v) })}
            />
            <NumberEntry
              label={`Leg ${i + 1}, down`}
              quantity="elevation"
              step={50}
              value={leg.downM ?? 0}
              onChange={(v) => part({ downM: asEntered(v) })}
            />
          </Box>
        );
      })}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant="outlined"
          onClick={() => setLegs([...legs, { name: '', distanceKm: 5, upM: 0, downM: 0 }])}
        >
          Add a leg
        </Button>
        {legs.length > 1 && <Button onClick={() => setLegs(legs.slice(0, -1))}>Take the last leg out</Button>}
      </Box>
      <ProblemLines problem={problem} />
      {response && (
        <Typography>
          {show(catalogue, 'distance', response.lengthKm)}, up{' '}
          {show(catalogue, 'elevation', response.ascentM)}, down{' '}
          {show(catalogue, 'elevation', response.descentM)};{' '}
          {response.hoursBySchool.map((s) => `${hoursText(s.hours)} by ${s.name}`).join(', ')}.
        </Typography>
      )}
      <Box>
        <Button variant="contained" size="large" disabled={!response} onClick={() => void make()}>
          {action}
        </Button>
      </Box>
    </>
  );
}

import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, Button, Checkbox, FormControlLabel, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../core/CatalogueContext';
import type { ReadRoute } from '../../../core/contract';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import { show } from '../../../shared/units';
import { offered, type Ticked } from './useReadRoute';

interface Props {
  ground: ReadRoute;
  name: string;
  onMake: (places: Ticked[]) => void;
  onBack: () => void;
}

/** What was read from a file, before any of it is kept: the line, what is odd about it, and its places, ticked where they tell of water. */
export function FoundReview({ ground, name, onMake, onBack }: Props) {
  const catalogue = useCatalogue();
  const [places, setPlaces] = useState(() => offered(ground.places));
  const set = (index: number, part: Partial<Ticked>) =>
    setPlaces(places.map((p, i) => (i === index ? { ...p, ...part } : p)));
  const taken = places.filter(({ isTaken }) => isTaken).length;
  return (
    <Stack spacing={2} sx={{ maxWidth: 760 }}>
      <Typography variant="h1">{name}</Typography>
      <Section title="What is in the file">
        <Typography>
          {show(catalogue, 'distance', ground.lengthKm)}
          {ground.hasHeights
            ? `, up ${show(catalogue, 'elevation', ground.ascentM)}, down ${show(catalogue, 'elevation', ground.descentM)}`
            : '; no heights in it: climb is not counted'}
          .
        </Typography>
        {ground.flags.map((flag) => (
          <Typography key={flag} sx={{ display: 'flex', gap: 1, fontWeight: 650 }}>
            <WarningAmber aria-hidden color="warning" /> {flag}
          </Typography>
        ))}
      </Section>
      {places.length > 0 && (
        <Section title="Places: which of them are water?">
          <Typography>
            Those ticked become sources. Their kind is a guess from their words: look at each.
          </Typography>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {places.map((ticked, i) => (
              <PlaceLine key={i} ticked={ticked} onChange={(part) => set(i, part)} />
            ))}
          </Box>
        </Section>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="contained" size="large" onClick={() => onMake(places)}>
          {taken === 0
            ? 'Make the route'
            : `Make the route with ${taken === 1 ? '1 source' : `${taken} sources`}`}
        </Button>
        <Button onClick={onBack}>Another file</Button>
      </Box>
    </Stack>
  );
}

function PlaceLine({ ticked, onChange }: { ticked: Ticked; onChange: (part: Partial<Ticked>) => void }) {
  const catalogue = useCatalogue();
  const { place, isTaken, kind } = ticked;
  const called = place.name || 'Unnamed place';
  return (
    <Box
      component="li"
      sx={{
        py: 1,
        borderTop: 1,
        borderColor: 'divider',
        display: 'grid',
        gap: 1,
        alignItems: 'center',
        gridTemplateColumns: { xs: '1fr', sm: '3fr 2fr' },
      }}
    >
      <Box>
        <FormControlLabel
          sx={{ minHeight: 48 }}
          control={<Checkbox checked={isTaken} onChange={(e) => onChange({ isTaken: e.target.checked })} />}
          label={called}
        />
        <Typography variant="body2">
          {show(catalogue, 'distance', place.alongKm)} along
          {place.offKm > 0.05 && `, ${show(catalogue, 'distance', place.offKm)} off the line`}
          {place.class === null && ' · its words tell of no water'}
          {place.class === 'reportedDry' && ' · its words say dry'}
        </Typography>
      </Box>
      {isTaken && (
        <SelectEntry
          label={`Kind of ${called}`}
          value={kind}
          onChange={(id) => onChange({ kind: id as Ticked['kind'] })}
          choices={catalogue.route.sourceClasses}
        />
      )}
    </Box>
  );
}

import { Box, Checkbox, FormControlLabel, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import { SelectEntry } from '../../../shared/SelectEntry';
import { show, wholePercent } from '../../../shared/units';
import type { Ticked } from './ticks';

interface Props {
  places: Ticked[];
  onChange: (places: Ticked[]) => void;
}

/** Places of a file, before any of them is kept: which are water, of what kind, and what was read from which words. */
export function PlaceTicks({ places, onChange }: Props) {
  const set = (index: number, part: Partial<Ticked>) =>
    onChange(places.map((p, i) => (i === index ? { ...p, ...part } : p)));
  return (
    <>
      <Typography>Those ticked become sources. Their kind is a guess from the file: look at each.</Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {places.map((ticked, i) => (
          <PlaceLine key={i} ticked={ticked} onChange={(part) => set(i, part)} />
        ))}
      </Box>
    </>
  );
}

function PlaceLine({ ticked, onChange }: { ticked: Ticked; onChange: (part: Partial<Ticked>) => void }) {
  const catalogue = useCatalogue();
  const { place, isTaken, kind } = ticked;
  const { source } = place;
  const called = place.name || 'Unnamed place';
  const where = [
    `${show(catalogue, 'distance', source.alongKm ?? 0)} along`,
    place.offKm > 0.05 ? `${show(catalogue, 'distance', place.offKm)} off the line` : null,
    source.detourMinutes ? `${show(catalogue, 'duration', source.detourMinutes)} there, one way` : null,
  ];
  return (
    <Box
      component="li"
      sx={{
        py: 1,
        borderTop: 1,
        borderColor: 'divider',
        display: 'grid',
        columnGap: 2,
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
        <Typography variant="body2">{where.filter((w) => w !== null).join(', ')}</Typography>
        <Typography variant="body2" color="text.secondary">
          {sentence(place.why.join('; '))}
          {isTaken && kind === source.class && `. Runs with ${wholePercent(place.chance)} %`}
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

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

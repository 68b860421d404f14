import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { ReadRoute } from '../../../core/contract';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import { show } from '../../../shared/units';
import { PlaceTicks } from '../sources/PlaceTicks';
import { offered, type Ticked } from '../sources/ticks';
import { ClimbForm } from './ClimbForm';
import type { useTrackFile } from './useTrackFile';

interface Props {
  track: ReturnType<typeof useTrackFile> & { ground: ReadRoute };
  /** What the button says for so many sources. */
  action: (sources: number) => string;
  onTake: (places: Ticked[]) => void;
}

/** What was read from a file, before any of it is kept: the line, what is odd about it, and its places, ticked where they tell of water. */
export function FoundReview({ track, action, onTake }: Props) {
  const catalogue = useCatalogue();
  const { ground, again } = track;
  const [ticks, setTicks] = useState({ of: ground, places: offered(ground.places) });
  // Another line of the file puts the places elsewhere.
  const places = ticks.of === ground ? ticks.places : offered(ground.places);
  return (
    <Stack spacing={2} sx={{ maxWidth: 760 }}>
      <Typography variant="h1">{track.name}</Typography>
      <Section title="What is in the file">
        <Typography>
          {show(catalogue, 'distance', ground.lengthKm)}
          {ground.hasHeights
            ? `, up ${show(catalogue, 'elevation', ground.ascentM)}, down ${show(catalogue, 'elevation', ground.descentM)}`
            : '; no heights in it: climb is not counted'}
          .{ground.whole && ' Made here: its days, weather and containers come with it.'}
        </Typography>
        {ground.flags.map((flag) => (
          <Typography key={flag} sx={{ display: 'flex', gap: 1, fontWeight: 650 }}>
            <WarningAmber aria-hidden color="warning" /> {flag}
          </Typography>
        ))}
        {ground.lines && ground.lines.length > 1 && (
          <SelectEntry
            label="Which of its lines"
            value={String(ground.lineTaken)}
            onChange={(id) => void again({ line: Number(id) })}
            choices={[
              ...ground.lines.map((line, i) => ({
                id: String(i),
                name: `${line.name || `Line ${i + 1}`}: ${show(catalogue, 'distance', line.lengthKm)}`,
              })),
              { id: '-1', name: 'All of them, one after another' },
            ]}
          />
        )}
        {!ground.hasHeights && <ClimbForm onClimb={(climb) => void again(climb)} />}
        {track.wrong && <ProblemLine>{track.wrong}</ProblemLine>}
      </Section>
      {places.length > 0 && (
        <Section title="Places: which of them are water?">
          <PlaceTicks places={places} onChange={(next) => setTicks({ of: ground, places: next })} />
        </Section>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="contained" size="large" disabled={track.busy} onClick={() => onTake(places)}>
          {track.busy ? 'Reading it …' : action(places.filter(({ isTaken }) => isTaken).length)}
        </Button>
        <Button onClick={track.close}>Another file</Button>
      </Box>
    </Stack>
  );
}

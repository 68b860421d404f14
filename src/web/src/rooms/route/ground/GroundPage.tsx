import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { ReadRoute } from '../../../core/contract';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { TextEntry } from '../../../shared/TextEntry';
import { show } from '../../../shared/units';
import { FileButton } from '../../../shared/FileButton';
import { useRetire } from '../../../store/useRetire';
import { useTrip } from '../TripContext';
import { LapsForm } from './LapsForm';
import { LegsForm } from './LegsForm';
import { FoundReview } from './FoundReview';
import { groundOf } from './groundOf';
import { trackFiles, useTrackFile } from './useTrackFile';

/** The line itself: its name, and another track or other legs in its place. */
export function GroundPage() {
  const catalogue = useCatalogue();
  const { record, route, change, plan } = useTrip();
  const retire = useRetire('route');
  const navigate = useNavigate();
  const track = useTrackFile();
  const [told, setTold] = useState<string[]>([]);
  const replace = (ground: ReadRoute) => {
    change(groundOf(ground));
    setTold(['The ground was replaced; sources and camps keep their distance along.', ...ground.flags]);
    track.close();
  };
  if (track.ground) {
    // Its places belong to the route's sources, which have a way in of their own.
    const ground = { ...track.ground, places: [] };
    return (
      <FoundReview
        track={{ ...track, ground }}
        action={() => 'Replace the ground'}
        onTake={() => replace(ground)}
      />
    );
  }
  return (
    <Stack spacing={2} sx={{ maxWidth: 760 }}>
      <Section title="Ground">
        <TextEntry label="Name of the route" value={route.name ?? ''} onChange={(name) => change({ name })} />
        {plan.response && (
          <Typography>
            {show(catalogue, 'distance', plan.response.lengthKm)}, up{' '}
            {show(catalogue, 'elevation', plan.response.ascentM)}, down{' '}
            {show(catalogue, 'elevation', plan.response.descentM)}. Heights every{' '}
            {show(catalogue, 'elevation', catalogue.route.groundStepM)}, without what a receiver’s noise adds.
          </Typography>
        )}
        <Box>
          <FileButton
            label={track.busy ? 'Reading it …' : 'Replace it by a track'}
            name="Track file"
            accept={trackFiles}
            onFile={(file) => void track.take(file)}
          />
        </Box>
        {track.wrong && <ProblemLine>{track.wrong} Nothing was changed.</ProblemLine>}
        {told.map((words) => (
          <Typography key={words} role="status">
            {words}
          </Typography>
        ))}
      </Section>
      <LapsForm onDone={setTold} />
      <Section title="Or replace it by legs">
        <LegsForm action="Replace the ground" onLegs={(ground) => replace(ground)} />
      </Section>
      <Box>
        <Button
          color="error"
          onClick={() => void retire(record, true).then((done) => done && navigate('/route/new'))}
        >
          Take this route out
        </Button>
      </Box>
    </Stack>
  );
}

import MyLocation from '@mui/icons-material/MyLocation';
import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import { ProblemLines } from '../../../shared/ProblemLines';
import { Section } from '../../../shared/Section';
import { clockTime } from '../../../shared/time';
import { show } from '../../../shared/units';
import { useCurrent } from '../../../store/useRecords';
import { HereAnswer } from './HereAnswer';
import { PlaceChoice } from './PlaceChoice';
import { useFromHere } from './useFromHere';
import { usePlace } from '../../../store/usePlace';

/** On the walk: where one is, whether to stop here, the next water, and how far one may go and still turn back. */
export function HerePanel() {
  const catalogue = useCatalogue();
  const routes = useCurrent('route');
  const { place, set } = usePlace();
  const { response, problem, failure } = useFromHere(place);
  const isComing = place !== null && response === null && problem === null && failure === null;
  const [choosing, setChoosing] = useState(false);
  if (routes?.length === 0) return null;
  if (!routes) return <Coming />;
  return (
    <Section label="On the walk">
      {place && response && <HereAnswer answer={response} />}
      {isComing && <Coming />}
      {place && <ProblemLines problem={problem} />}
      <Button
        variant={place ? 'text' : 'outlined'}
        startIcon={<MyLocation />}
        onClick={() => setChoosing(true)}
        sx={{ justifySelf: 'start', textAlign: 'left' }}
      >
        {place
          ? `At ${show(catalogue, 'distance', place.km)}: ${place.by}, ${clockTime(place.at)}. Change`
          : 'Where are you on the walk?'}
      </Button>
      {!place && (
        <Typography color="text.secondary">
          Then the next water, what to take here and where to turn back are told from there.
        </Typography>
      )}
      {choosing && (
        <PlaceChoice routes={routes} place={place} onChoose={set} onClose={() => setChoosing(false)} />
      )}
    </Section>
  );
}

/** Room for the answer, so that what stands below does not move when it comes. */
function Coming() {
  return (
    <Box sx={{ minHeight: { xs: 480, sm: 240 } }}>
      <Typography role="status">Looking ahead from where you are…</Typography>
    </Box>
  );
}

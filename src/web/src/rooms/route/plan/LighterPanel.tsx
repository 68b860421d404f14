import CheckCircleOutline from '@mui/icons-material/CheckCircleOutlined';
import { Box, Button, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { useLong } from '../../../core/useLong';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { useTrip } from '../TripContext';
import { remedyKey } from './remedied';
import { useApplyRemedy } from './useApplyRemedy';

/** Asked for by a tap: an earlier start, a rest, another camp, each planned anew, with its price. */
export function LighterPanel() {
  const { request } = useTrip();
  const { ask, answerTo, busy } = useLong('lighter');
  const { response, wrong } = answerTo(request);
  return (
    <Section title="Could it be lighter?">
      {!response && (
        <>
          <Typography>
            Tries earlier starts, rests through the heat, and camps nearer to water, and plans each anew.
          </Typography>
          <Box>
            <Button variant="outlined" disabled={busy} onClick={() => void ask(request)}>
              {busy ? 'Trying …' : 'Look for it'}
            </Button>
          </Box>
        </>
      )}
      {wrong && <ProblemLine>{wrong}</ProblemLine>}
      {response && response.offers.length === 0 && (
        <Typography>
          Nothing found: {response.tried === 1 ? '1 change' : `${response.tried} changes`} tried, none that is
          worth it.
        </Typography>
      )}
      {response && response.offers.length > 0 && (
        <Box component="ul" aria-label="Lighter ways" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {response.offers.map((offer) => (
            <OfferLine key={remedyKey(offer.remedy)} offer={offer} />
          ))}
        </Box>
      )}
    </Section>
  );
}

function OfferLine({ offer }: { offer: Schema<'Offer'> }) {
  const apply = useApplyRemedy();
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        gap: 1.5,
        alignItems: 'center',
        flexWrap: 'wrap',
        py: 1,
        '& + &': { borderTop: 1, borderColor: 'divider' },
      }}
    >
      <Box sx={{ flex: '1 1 260px' }}>
        <Typography sx={{ fontWeight: 700 }}>{offer.remedy.words}</Typography>
        <Typography>{offer.words}</Typography>
        {offer.remedy.solves && (
          <Typography sx={{ color: 'success.main', fontWeight: 650, display: 'flex', gap: 0.5 }}>
            <CheckCircleOutline aria-hidden /> With it the promise is kept
          </Typography>
        )}
      </Box>
      <Button variant="outlined" onClick={() => void apply(offer.remedy)}>
        Do it
      </Button>
    </Box>
  );
}

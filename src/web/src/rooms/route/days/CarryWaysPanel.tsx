import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import { Box, Button, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Response, Schema } from '../../../core/contract';
import { useLong } from '../../../core/useLong';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { show } from '../../../shared/units';
import { useTrip } from '../TripContext';

/** Asked for by a tap: hand, belt, vest, bladder or pack for this outing, and why. */
export function CarryWaysPanel() {
  const { request } = useTrip();
  const { ask, answerTo, busy } = useLong('carry-ways');
  const { response, wrong } = answerTo(request);
  return (
    <Section title="How to carry it">
      {!response && (
        <>
          <Typography>
            Hand, belt, vest, bladder or pack: by the litres between refills, pace, heat and frost.
          </Typography>
          <Box>
            <Button variant="outlined" disabled={busy} onClick={() => void ask(request)}>
              {busy ? 'Working it out …' : 'Suggest a way'}
            </Button>
          </Box>
        </>
      )}
      {wrong && <ProblemLine>{wrong}</ProblemLine>}
      {response && <Suggested answer={response} />}
    </Section>
  );
}

function Suggested({ answer }: { answer: Response<'carry-ways'> }) {
  const { change } = useTrip();
  return (
    <>
      <Typography variant="h3" component="p" data-testid="carry-way">
        {answer.headline}
      </Typography>
      {answer.why.map((line) => (
        <Typography key={line}>{line}</Typography>
      ))}
      <Box>
        <Button variant="contained" onClick={() => change({ containers: answer.containers })}>
          Take these
        </Button>
      </Box>
      <Box component="ol" aria-label="Ways of carrying" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {answer.ways.map((way) => (
          <Way key={way.kind} way={way} isTaken={answer.kinds.includes(way.kind)} />
        ))}
      </Box>
    </>
  );
}

function Way({ way, isTaken }: { way: Schema<'ScoredWay'>; isTaken: boolean }) {
  const catalogue = useCatalogue();
  return (
    <Box component="li" sx={{ py: 1, borderTop: 1, borderColor: 'divider' }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Typography sx={{ fontWeight: 700, flex: 1 }}>
          {way.name}, up to {show(catalogue, 'volume', way.capacityL)}
          {isTaken && ': suggested'}
        </Typography>
        <Typography sx={{ fontWeight: 700 }} aria-label={`${way.score} of 100`}>
          {way.score}
        </Typography>
      </Box>
      <Box aria-hidden sx={{ height: 6, borderRadius: 1, bgcolor: 'divider', my: 0.5 }}>
        <Box
          sx={{
            height: 6,
            borderRadius: 1,
            width: `${way.score}%`,
            bgcolor: isTaken ? 'primary.main' : 'text.secondary',
          }}
        />
      </Box>
      {way.good.map((line) => (
        <Point key={line} Icon={Add} words={line} />
      ))}
      {way.bad.map((line) => (
        <Point key={line} Icon={Remove} words={line} />
      ))}
    </Box>
  );
}

function Point({ Icon, words }: { Icon: typeof Add; words: string }) {
  return (
    <Typography variant="body2" sx={{ display: 'flex', gap: 0.5, alignItems: 'center' }}>
      <Icon fontSize="small" titleAccess={Icon === Add ? 'For it' : 'Against it'} /> {words}
    </Typography>
  );
}

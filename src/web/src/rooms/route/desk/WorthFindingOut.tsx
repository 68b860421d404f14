import { Box, Button, Typography } from '@mui/material';
import { useLong } from '../../../core/useLong';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { useTrip } from '../TripContext';

/** Asked for by a tap: over which waters a report of today would change the plan, the gravest first. */
export function WorthFindingOut({ onSelect }: { onSelect: (id: string) => void }) {
  const { request: plan, sources } = useTrip();
  const { ask, answerTo, busy } = useLong('what-matters');
  const request = { of: { about: 'plan' as const, request: plan }, told: [] };
  const { response, wrong } = answerTo(request);
  if (sources.length === 0) return null;
  return (
    <Section title="What is worth finding out?">
      {!response && (
        <>
          <Typography>
            Tries each doubtful water as running and as dry, and tells which report decides.
          </Typography>
          <Box>
            <Button variant="outlined" disabled={busy} onClick={() => void ask(request)}>
              {busy ? 'Trying …' : 'Which report decides'}
            </Button>
          </Box>
        </>
      )}
      {wrong && <ProblemLine>{wrong}</ProblemLine>}
      {response && response.questions.length === 0 && (
        <Typography>No report would change what you carry.</Typography>
      )}
      {response && response.questions.length > 0 && (
        <Box component="ol" aria-label="Reports that decide" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {response.questions.map(({ field, ask: what, countedAs, tried }) => (
            <Box
              component="li"
              key={field}
              sx={{ py: 1, '& + &': { borderTop: 1, borderColor: 'divider' }, display: 'grid', gap: 0.25 }}
            >
              <Typography sx={{ fontWeight: 700 }}>{what}</Typography>
              <Typography variant="body2" color="text.secondary">
                {countedAs}
              </Typography>
              {tried
                .filter(({ stake }) => stake.kind !== 'nothing')
                .map(({ id, name, stake }) => (
                  <Typography key={id} sx={{ color: stake.isWorse ? 'warning.main' : undefined }}>
                    {name}: {stake.words}
                  </Typography>
                ))}
              <Box>
                <Button onClick={() => onSelect(field.replace('sources.', ''))} sx={{ px: 0 }}>
                  Write what was heard
                </Button>
              </Box>
            </Box>
          ))}
        </Box>
      )}
    </Section>
  );
}

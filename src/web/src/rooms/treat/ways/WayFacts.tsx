import { Box, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { ChainSummary } from '../../../core/contract';
import { OutcomeLine } from '../../../shared/OutcomeLine';
import { minutesText } from '../../../shared/time';
import { plain } from '../../../shared/units';

/** The chosen way in words: how good and why, work, what it uses, how it tastes, what can go wrong. */
export function WayFacts({ chain }: { chain: ChainSummary }) {
  const { classes } = useCatalogue();
  const refused = chain.outcome === 'refused';
  const cost = refused
    ? []
    : [
        chain.drinkableMinutes !== null && `drink in ${minutesText(Math.ceil(chain.drinkableMinutes))}`,
        chain.handsOnMinutes > 0 && `${minutesText(Math.ceil(chain.handsOnMinutes))} of work`,
        chain.supplies && `uses ${chain.supplies}`,
        chain.taste,
      ].filter(Boolean);
  const short = refused || chain.outcome === 'meets' ? [] : chain.classes;
  return (
    <Box sx={{ px: 1, pt: 0.75, display: 'grid', gap: 0.25 }} aria-live="polite">
      <Typography variant="h3" component="h3">
        {chain.name}
      </Typography>
      <OutcomeLine answer={{ outcome: chain.outcome, verdict: chain.why }} small />
      {cost.length > 0 && <Typography variant="body2">{capital(cost.join(' · '))}</Typography>}
      {chain.clearFirst && <Typography variant="body2">First: {chain.clearFirst}</Typography>}
      {chain.risks.length > 0 && !refused && (
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          Mind: {chain.risks.join(', ')}
        </Typography>
      )}
      {short.length > 0 && (
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          {short
            .map(
              ({ organism, logs }) =>
                `${classes.find((c) => c.organism === organism)?.name} ${plain(Math.floor(logs * 10) / 10, 1)}`,
            )
            .join(', ')}{' '}
          log
        </Typography>
      )}
    </Box>
  );
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

import { Box, Radio, Typography } from '@mui/material';
import { useCatalogue } from '../../../core/CatalogueContext';
import type { ChainSummary } from '../../../core/contract';
import { OutcomeLine } from '../../../shared/OutcomeLine';
import { minutesText } from '../../../shared/time';
import { plain } from '../../../shared/units';

interface Props {
  chain: ChainSummary;
  best: boolean;
  chosen: boolean;
  onChoose: () => void;
}

/** One way to treat the water: how good, how soon, how much work, what it uses, what can go wrong. */
export function ChainOption({ chain, best, chosen, onChoose }: Props) {
  const refused = chain.outcome === 'refused';
  const cost = [
    chain.drinkableMinutes !== null && `drink in ${minutesText(Math.ceil(chain.drinkableMinutes))}`,
    !refused && chain.handsOnMinutes > 0 && `${minutesText(Math.ceil(chain.handsOnMinutes))} of work`,
    !refused && chain.supplies,
    !refused && chain.taste,
  ].filter(Boolean);
  return (
    <Box
      component="label"
      sx={{
        display: 'flex',
        alignItems: 'flex-start',
        gap: 0.5,
        pr: 1.5,
        py: 0.75,
        minHeight: 64,
        border: chosen ? 3 : 1,
        borderColor: chosen ? 'primary.main' : 'divider',
        m: chosen ? 0 : '2px',
        borderRadius: 2,
        cursor: 'pointer',
      }}
    >
      <Radio
        name="chain"
        value={chain.id}
        checked={chosen}
        onChange={onChoose}
        slotProps={{ input: { 'aria-label': chain.name } }}
      />
      <Box sx={{ flex: 1, minWidth: 0, pt: 0.75, display: 'grid', gap: 0.25 }}>
        <Typography sx={{ fontWeight: 700, lineHeight: 1.2 }}>
          {chain.name}
          {best && (
            <Box
              component="span"
              sx={{
                ml: 1,
                px: 0.75,
                borderRadius: 1,
                border: 2,
                borderColor: 'success.main',
                color: 'success.main',
              }}
            >
              best
            </Box>
          )}
        </Typography>
        <OutcomeLine answer={{ outcome: chain.outcome, verdict: chain.why }} small />
        {cost.length > 0 && <Typography variant="body2">{capital(cost.join(' · '))}</Typography>}
        {chain.clearFirst && <Typography variant="body2">First: {chain.clearFirst}</Typography>}
        {chain.risks.length > 0 && !refused && (
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            Mind: {chain.risks.join(', ')}
          </Typography>
        )}
        {!refused && chain.outcome !== 'meets' && <ClassLine chain={chain} />}
      </Box>
    </Box>
  );
}

/** The logs of a chain that falls short, class by class. */
function ClassLine({ chain }: { chain: ChainSummary }) {
  const { classes } = useCatalogue();
  if (chain.classes.length === 0) return null;
  return (
    <Typography variant="body2" sx={{ color: 'text.secondary' }}>
      {chain.classes
        .map(
          (c) =>
            `${classes.find((k) => k.organism === c.organism)?.name} ${plain(Math.floor(c.logs * 10) / 10, 1)}`,
        )
        .join(', ')}{' '}
      log
    </Typography>
  );
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

import { Box, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { show } from '../../../shared/units';

/** Every chain of the kit: how far it goes, what it weighs, or why it does not count. */
export function ChainWeights({ chains }: { chains: Schema<'ChainInKit'>[] }) {
  const catalogue = useCatalogue();
  const weight = (chain: Schema<'ChainInKit'>) =>
    chain.weightKg <= 0
      ? 'not weighed'
      : `${chain.weightKnown ? '' : 'over '}${show(catalogue, 'kitMass', chain.weightKg)}`;
  if (chains.length === 0) return <Typography>Nothing to treat with is carried.</Typography>;
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {chains.map((chain) => (
        <Box component="li" key={chain.id} sx={{ py: 1, borderTop: 1, borderColor: 'divider' }}>
          <Typography sx={{ fontWeight: 700 }}>
            {chain.name}
            {!chain.counts && ' (does not count)'}
          </Typography>
          <Typography>
            {chain.counts
              ? `${chain.headline} · enough for ${chain.litres === null ? 'any amount' : show(catalogue, 'volume', chain.litres)} by itself · ${weight(chain)}`
              : chain.why}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

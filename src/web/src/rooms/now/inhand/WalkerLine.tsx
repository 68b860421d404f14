import { Box, Link as MuiLink, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useCatalogue } from '../../../core/CatalogueContext';
import type { Request } from '../../../core/contract';
import { useCalculation } from '../../../core/useCalculation';
import { plain, show } from '../../../shared/units';
import type { InHand } from '../../../store/InHandContext';

interface Props {
  told: InHand['walkers'][number];
  /** What is asked about them; null for what the party drank together. */
  request: Request<'body-watch'> | null;
}

/** One walker: how far behind since the morning, what to do about it, and what they drank. */
export function WalkerLine({ told, request }: Props) {
  const catalogue = useCatalogue();
  const { response } = useCalculation('body-watch', request);
  const volume = (litres: number) => show(catalogue, 'volume', Math.abs(litres));
  const colour = catalogue.lists.book.urine.find(
    (step) => told.urineColour !== null && step.number === Math.round(told.urineColour ?? 0),
  );
  return (
    <Box>
      <Typography>
        {request ? (
          <MuiLink component={Link} color="inherit" to={`/body/${told.id}/watch`}>
            {told.name}
          </MuiLink>
        ) : (
          told.name
        )}
        :{' '}
        {response && (
          <strong>
            {volume(response.deficitL)} {response.deficitL >= 0 ? 'behind' : 'ahead'} (
            {plain(Math.abs(response.deficitPercent), 1)} %)
          </strong>
        )}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        {[
          response?.headline,
          `drank ${volume(told.drunkL)} in 24 h`,
          colour && `urine ${colour.words}: ${colour.advice}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </Typography>
    </Box>
  );
}

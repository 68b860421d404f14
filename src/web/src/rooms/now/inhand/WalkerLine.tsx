import { Box, Link as MuiLink, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../../core/CatalogueContext';
import { useCalculation } from '../../../core/useCalculation';
import { plain, show } from '../../../shared/units';
import { useNowMinute } from '../../../shared/useNow';
import type { InHand } from '../../../store/InHandContext';
import { useSettings } from '../../../store/LocalDataContext';
import type { Kept } from '../../../store/records';
import { morning, watchRequest } from '../../body/watch/watchRequest';

interface Props {
  told: InHand['walkers'][number];
  /** Undefined for what the party drank together. */
  walker: Kept<'walker'> | undefined;
  tests: Kept<'sweat-test'>[];
  state: InHand;
}

/** One walker: how far behind since the morning, what to do about it, and what they drank. */
export function WalkerLine({ told, walker, tests, state }: Props) {
  const catalogue = useCatalogue();
  const { units } = useSettings().settings;
  const now = useNowMinute();
  const [from] = useState(() => morning(new Date()));
  const { response } = useCalculation(
    'body-watch',
    walker ? watchRequest(walker, tests, state, { units, now, from }) : null,
  );
  const volume = (litres: number) => show(catalogue, 'volume', Math.abs(litres));
  const colour = catalogue.lists.book.urine.find(
    (step) => told.urineColour !== null && step.number === Math.round(told.urineColour ?? 0),
  );
  return (
    <Box>
      <Typography>
        {walker ? (
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

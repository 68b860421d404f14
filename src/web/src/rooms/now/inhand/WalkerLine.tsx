import { Box, Link as MuiLink, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { plain, show } from '../../../shared/units';
import type { InHand } from '../../../store/InHandContext';
import { stateLooks } from '../../body/signs/StateHead';

interface Props {
  told: InHand['walkers'][number];
  /** How they stand; null for what the party drank together. */
  member: Schema<'MemberStanding'> | null;
}

/** One walker: how far behind since the morning, what to do about it, and what they drank. */
export function WalkerLine({ told, member }: Props) {
  const catalogue = useCatalogue();
  const volume = (litres: number) => show(catalogue, 'volume', Math.abs(litres));
  const colour = catalogue.lists.book.urine.find(
    (step) => told.urineColour !== null && step.number === Math.round(told.urineColour ?? 0),
  );
  const watch = member?.watch ?? null;
  const look = watch && stateLooks[watch.state];
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
      {look && <look.Icon aria-hidden sx={{ color: look.colour, mt: 0.25 }} />}
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography>
          {member ? (
            <MuiLink component={Link} color="inherit" to={`/body/${told.id}/watch`}>
              {told.name}
            </MuiLink>
          ) : (
            told.name
          )}
          :{' '}
          {watch && (
            <strong>
              {volume(watch.deficitL)} {watch.deficitL >= 0 ? 'behind' : 'ahead'} (
              {plain(Math.abs(watch.deficitPercent), 1)} %)
            </strong>
          )}
        </Typography>
        <Typography variant="body2" color="text.secondary">
          {[
            watch?.headline ?? member?.missing,
            `drank ${volume(told.drunkL)} in 24 h`,
            colour && `urine ${colour.words}: ${colour.advice}`,
          ]
            .filter(Boolean)
            .join(' · ')}
        </Typography>
      </Box>
    </Box>
  );
}

import { Box, Link as MuiLink, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useCatalogue } from '../../../core/CatalogueContext';
import { show } from '../../../shared/units';
import type { InHand } from '../../../store/InHandContext';

/** What each walker drank in a day and a night, and how it shows; the way to what they miss. */
export function WalkerLines({ walkers }: { walkers: InHand['walkers'] }) {
  const catalogue = useCatalogue();
  const { urine } = catalogue.lists.book;
  return (
    <Box
      component="ul"
      aria-label="Who drank"
      sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.5 }}
    >
      {walkers.map(({ id, name, drunkL, urineColour }) => {
        const colour =
          urineColour === null ? undefined : urine.find((step) => step.number === Math.round(urineColour));
        const isWalker = id !== '00000000-0000-0000-0000-000000000000';
        return (
          <li key={id}>
            <Typography>
              {isWalker ? (
                <MuiLink component={Link} color="inherit" to={`/body/${id}/watch`}>
                  {name}
                </MuiLink>
              ) : (
                name
              )}
              : {show(catalogue, 'volume', drunkL)} in 24 h
              {colour && ` · urine ${colour.words}: ${colour.advice}`}
            </Typography>
          </li>
        );
      })}
    </Box>
  );
}

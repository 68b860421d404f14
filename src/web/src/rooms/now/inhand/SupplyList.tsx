import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, Link as MuiLink, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { InHand } from '../../../store/InHandContext';
import { SupplyActions } from './SupplyActions';

/** What treats water, with what is left of it; what is not to be counted on first, and since which line. */
export function SupplyList({ supplies }: { supplies: InHand['supplies'] }) {
  const sorted = supplies.toSorted((a, b) => Number(b.suspect !== null) - Number(a.suspect !== null));
  return (
    <Box
      component="ul"
      aria-label="What is left"
      sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}
    >
      {sorted.map((supply) => (
        <li key={supply.id}>
          <Typography>
            <strong>{supply.name}</strong> · {supply.words}
          </Typography>
          {supply.suspect && (
            <Typography
              variant="body2"
              sx={{
                display: 'flex',
                gap: 0.5,
                alignItems: 'flex-start',
                color: 'error.main',
                fontWeight: 650,
              }}
            >
              <WarningAmber aria-hidden fontSize="small" sx={{ mt: 0.25 }} />
              <span>
                {supply.suspect}{' '}
                {supply.suspectSince && (
                  <MuiLink component={Link} color="inherit" to={`/book/${supply.suspectSince}`}>
                    The line that says so
                  </MuiLink>
                )}
              </span>
            </Typography>
          )}
          <SupplyActions supply={supply} />
        </li>
      ))}
    </Box>
  );
}

import { Box, Typography } from '@mui/material';
import type { Response } from '../core/contract';

/** What is worth finding out, the gravest first, with what hangs on it. */
export function MattersList({ matters }: { matters: Response<'what-matters'> }) {
  if (matters.questions.length === 0)
    return <Typography>Nothing that is not told yet would change this.</Typography>;
  return (
    <Box component="ol" aria-label="Worth finding out" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {matters.questions.map(({ field, ask, words, countedAs, stake }) => (
        <Box component="li" key={field} sx={{ py: 0.75, '& + &': { borderTop: 1, borderColor: 'divider' } }}>
          <Typography sx={{ fontWeight: 700 }}>{ask}</Typography>
          <Typography sx={{ color: stake.isWorse ? 'warning.main' : 'text.secondary' }}>{words}</Typography>
          <Typography variant="body2" color="text.secondary">
            Counted until then: {countedAs}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

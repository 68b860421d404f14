import { Box, Typography } from '@mui/material';
import type { TreatResponse } from '../core/contract';
import { outcomeLooks } from './outcomeLooks';

/** How good the answer is: a word, an icon and a colour, never colour alone. */
export function OutcomeLine({
  answer,
  small,
}: {
  answer: Pick<TreatResponse, 'outcome' | 'verdict'>;
  small?: boolean;
}) {
  const { Icon, colour } = outcomeLooks[answer.outcome];
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: small ? 'flex-start' : 'center',
        gap: small ? 0.5 : 1,
        color: colour,
      }}
    >
      <Icon aria-hidden fontSize={small ? 'small' : 'medium'} sx={small ? { mt: 0.25 } : undefined} />
      <Typography variant={small ? 'body2' : 'body1'} sx={{ fontWeight: 650 }}>
        {answer.verdict}
      </Typography>
    </Box>
  );
}

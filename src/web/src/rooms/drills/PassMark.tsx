import CheckCircle from '@mui/icons-material/CheckCircle';
import Replay from '@mui/icons-material/Replay';
import { Box, Typography } from '@mui/material';

/** Would do, or worth another go: a word, an icon and a colour. */
export function PassMark({ passed, small }: { passed: boolean; small?: boolean }) {
  const Icon = passed ? CheckCircle : Replay;
  return (
    <Box
      sx={{
        display: 'flex',
        gap: 0.75,
        alignItems: 'center',
        color: passed ? 'success.main' : 'warning.main',
      }}
    >
      <Icon aria-hidden fontSize={small ? 'small' : 'medium'} />
      <Typography component="span" sx={{ fontWeight: 700 }}>
        {passed ? 'Would do' : 'Not yet'}
      </Typography>
    </Box>
  );
}

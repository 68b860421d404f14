import { Box, Button, Stack, Typography } from '@mui/material';
import { saveFile } from '../../shared/saveFile';

/** Recovery codes, shown this once. */
export function CodesSheet({ codes, onDone }: { codes: string[]; onDone: () => void }) {
  return (
    <Stack spacing={2}>
      <Typography>
        There is no mail to send you a new passphrase. If you lose yours, one of these codes sets a new one;
        each works once. They are shown only now: write them down and keep them dry.
      </Typography>
      <Box
        component="ul"
        aria-label="Recovery codes"
        sx={{
          m: 0,
          p: 0,
          listStyle: 'none',
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' },
          gap: 1,
          fontFamily: 'monospace',
          fontSize: '1.125rem',
          letterSpacing: '0.04em',
        }}
      >
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </Box>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        <Button variant="contained" size="large" onClick={onDone}>
          I have written them down
        </Button>
        <Button
          variant="outlined"
          onClick={() => saveFile('recovery-codes.txt', 'text/plain', `${codes.join('\n')}\n`)}
        >
          Save as a file
        </Button>
      </Stack>
    </Stack>
  );
}

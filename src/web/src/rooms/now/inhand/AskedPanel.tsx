import type { SvgIconComponent } from '@mui/icons-material';
import { Paper, Stack, Typography } from '@mui/material';
import type { ReactNode } from 'react';

interface Props {
  Icon: SvgIconComponent;
  headline: string;
  words: string;
  /** The answers, a tap each. */
  children: ReactNode;
}

/** Something that is asked of somebody now, answered by a tap. */
export function AskedPanel({ Icon, headline, words, children }: Props) {
  return (
    <Paper
      variant="outlined"
      role="region"
      aria-label={headline}
      sx={{ p: 1.5, display: 'grid', gap: 1, borderWidth: 2, borderColor: 'primary.main' }}
    >
      <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
        <Icon aria-hidden color="primary" sx={{ mt: 0.25 }} />
        <Typography variant="h2">{headline}</Typography>
      </Stack>
      <Typography>{words}</Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        {children}
      </Stack>
    </Paper>
  );
}

import ExpandMore from '@mui/icons-material/ExpandMore';
import { Box, ButtonBase, Paper, Typography } from '@mui/material';
import { useId, type ReactNode } from 'react';

interface Props {
  ask: string;
  /** What an answer could change. */
  stake?: string;
  /** Whether it could be worse than what is shown. */
  worse?: boolean;
  isOpen: boolean;
  onToggle: () => void;
  /** What takes the answer. */
  children: ReactNode;
}

/** One question: what to look at, what hangs on it, and, when open, the answers. */
export function AskCard({ ask, stake, worse, isOpen, onToggle, children }: Props) {
  const id = useId();
  return (
    <Paper
      component="section"
      aria-labelledby={id}
      variant="outlined"
      sx={{ borderColor: 'divider', overflow: 'hidden' }}
    >
      <ButtonBase
        onClick={onToggle}
        aria-expanded={isOpen}
        sx={{
          width: '100%',
          minHeight: 48,
          px: 1.25,
          py: 0.75,
          gap: 1,
          justifyContent: 'space-between',
          textAlign: 'left',
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <Typography id={id} variant="h3" component="span" sx={{ display: 'block' }}>
            {ask}
          </Typography>
          {stake && (
            <Typography
              component="span"
              variant="body2"
              sx={{ display: 'block', color: worse ? 'warning.main' : 'text.secondary', lineHeight: 1.25 }}
            >
              {stake}
            </Typography>
          )}
        </Box>
        <ExpandMore aria-hidden sx={{ flexShrink: 0, transform: isOpen ? 'rotate(180deg)' : undefined }} />
      </ButtonBase>
      {isOpen && <Box sx={{ px: 1.25, pb: 1.25, display: 'grid', gap: 0.75 }}>{children}</Box>}
    </Paper>
  );
}

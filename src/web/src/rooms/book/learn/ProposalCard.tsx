import ArrowForward from '@mui/icons-material/ArrowForward';
import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import type { Schema } from '../../../core/contract';

interface Props {
  proposal: Schema<'Proposal'>;
  onAccept: () => void;
}

/** One proposal: before, after, and why; taken over or left. */
export function ProposalCard({ proposal, onAccept }: Props) {
  const [left, setLeft] = useState(false);
  return (
    <Box
      component="li"
      aria-label={proposal.title}
      sx={{ py: 1.25, borderTop: 1, borderColor: 'divider', display: 'grid', gap: 0.5 }}
    >
      <Typography variant="h3" component="h3">
        {proposal.title}
      </Typography>
      <Typography>{proposal.before}</Typography>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <ArrowForward aria-label="becomes" />
        <Typography sx={{ fontWeight: 750 }}>{proposal.after}</Typography>
      </Box>
      <Typography sx={{ color: 'text.secondary' }}>{proposal.why}</Typography>
      {left ? (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
          <Typography>Left as it is.</Typography>
          <Button onClick={() => setLeft(false)}>Think again</Button>
        </Box>
      ) : (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button variant="contained" onClick={onAccept}>
            Take it over
          </Button>
          <Button onClick={() => setLeft(true)}>Leave it</Button>
        </Box>
      )}
    </Box>
  );
}

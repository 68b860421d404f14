import { Box, Button, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { Judgement } from '../../../core/contract';
import { verdictLooks } from './verdictLooks';

/** The verdict with its reasons, what would change it, and how to draw water here. */
export function VerdictPanel({ judgement }: { judgement: Judgement }) {
  const { Icon, colour } = verdictLooks[judgement.verdict];
  return (
    <Box
      aria-live="polite"
      data-testid="verdict"
      sx={{ border: 2, borderColor: colour, borderRadius: 1, p: 1.5, display: 'grid', gap: 1 }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', color: colour }}>
        <Icon aria-hidden />
        <Typography variant="h2">{judgement.words}</Typography>
      </Box>
      <Typography>{judgement.explanation}</Typography>
      {judgement.goOn && <Typography sx={{ fontWeight: 700 }}>{judgement.goOn}</Typography>}
      {judgement.verdict === 'doNotUse' && (
        <Box>
          <Button component={Link} to="/scarce" variant="outlined">
            No other water within reach?
          </Button>
        </Box>
      )}
      {judgement.reasons.length > 0 && (
        <Box component="ul" aria-label="Reasons" sx={{ m: 0, pl: 2.5 }}>
          {judgement.reasons.map((reason) => (
            <li key={reason.code}>
              <Typography>
                {reason.reason}{' '}
                {reason.change && (
                  <Box component="span" sx={{ color: 'text.secondary' }}>
                    {reason.change}
                  </Box>
                )}
              </Typography>
            </li>
          ))}
        </Box>
      )}
      {judgement.collect.length > 0 && (
        <div>
          <Typography variant="h3">How to draw it</Typography>
          <Box component="ol" sx={{ m: 0, pl: 2.5 }}>
            {judgement.collect.map((line) => (
              <li key={line}>
                <Typography>{line}</Typography>
              </li>
            ))}
          </Box>
        </div>
      )}
    </Box>
  );
}

import CheckCircleOutline from '@mui/icons-material/CheckCircleOutlined';
import { Box, Button, Typography } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { Section } from '../../../shared/Section';
import { remedyKey } from './remedied';
import { useApplyRemedy } from './useApplyRemedy';

/** What cannot be walked with this kit, and what fixes it; a tap puts a remedy into the route. */
export function ImpossibleStretches({ stretches }: { stretches: Schema<'ImpossibleStretch'>[] }) {
  const apply = useApplyRemedy();
  return stretches.map((stretch) => (
    <Section key={`${stretch.fromKm}`} title={`Too far: ${stretch.fromName} to ${stretch.toName}`}>
      <Typography>{stretch.words} What would help:</Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1 }}>
        {stretch.remedies.map((remedy) => (
          <Box
            component="li"
            key={remedyKey(remedy)}
            sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}
          >
            {remedy.kind !== 'askReport' && (
              <Button variant={remedy.solves ? 'contained' : 'outlined'} onClick={() => void apply(remedy)}>
                Do it
              </Button>
            )}
            <Typography sx={{ flex: '1 1 260px' }}>
              {remedy.words}
              {remedy.solves ? (
                <Box component="span" sx={{ color: 'success.main', fontWeight: 650 }}>
                  {' '}
                  <CheckCircleOutline
                    aria-hidden
                    fontSize="small"
                    sx={{ verticalAlign: 'text-bottom' }}
                  />{' '}
                  enough by itself
                </Box>
              ) : (
                remedy.kind !== 'askReport' && ' (not enough by itself)'
              )}
            </Typography>
          </Box>
        ))}
      </Box>
    </Section>
  ));
}

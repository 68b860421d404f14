import { Box, Button, Paper, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { Triage } from '../../../core/contract';
import { WriteButton } from '../../book/write/QuickDialog';
import { stageLooks } from './stageLooks';

/** The state in the largest words on the screen, and the one thing to do now. */
export function StageHead({ standing }: { standing: Triage }) {
  const { Icon, colour, word } = stageLooks(standing.stage);
  const emergency = standing.cautions.find(({ code }) => code === 'emergency');
  return (
    <Paper
      component="section"
      aria-label="Now"
      aria-live="polite"
      variant="outlined"
      sx={{ p: 2, borderWidth: 3, borderColor: colour, display: 'grid', gap: 1 }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', color: colour }}>
        <Icon aria-hidden />
        <Typography sx={{ fontWeight: 700 }}>
          {word} · stage {standing.stage} of 5
        </Typography>
      </Box>
      <Typography
        component="p"
        data-testid="headline"
        sx={{ fontSize: { xs: '1.6rem', md: '2rem' }, fontWeight: 750, lineHeight: 1.15 }}
      >
        {standing.headline}
      </Typography>
      <Typography data-testid="action" sx={{ fontSize: '1.25rem', fontWeight: 650 }}>
        {standing.action}
      </Typography>
      {emergency && (
        <Typography role="alert" color="error" sx={{ fontWeight: 700 }}>
          {emergency.message}
        </Typography>
      )}
      {(standing.stage >= 1 || emergency) && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {(standing.stage >= 3 || standing.callForHelp || emergency) && (
            <Button component={Link} to="/scarce/call" variant="contained">
              Call for help
            </Button>
          )}
          <Button component={Link} to="/scarce/make" variant="outlined">
            What could be made
          </Button>
          {standing.stage >= 4 && <WriteButton />}
        </Box>
      )}
      {standing.stage === 0 && standing.hereVerdict !== null && (
        <Box>
          <Button component={Link} to="/treat" variant="contained">
            Treat it
          </Button>
        </Box>
      )}
    </Paper>
  );
}

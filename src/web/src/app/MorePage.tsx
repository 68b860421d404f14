import { Box, Button, ButtonBase, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useStartSteps } from '../rooms/start/useStartSteps';
import { more, shortOfWater } from './rooms';

/** Every place that has no room under the thumb, with what one does there. */
export function MorePage() {
  const isSetUp = useStartSteps()?.every(({ isDone }) => isDone) ?? true;
  return (
    <Box component="nav" aria-label="More places" sx={{ display: 'grid', gap: 1, maxWidth: 640 }}>
      <Typography variant="h1">More</Typography>
      {!isSetUp && (
        <Button component={Link} to="/start" variant="contained" sx={{ justifySelf: 'start' }}>
          First plan, step by step
        </Button>
      )}
      {[...more, shortOfWater].map(({ path, name, what, Icon }) => (
        <ButtonBase
          key={path}
          component={Link}
          to={path}
          sx={{
            minHeight: 68,
            gap: 2,
            px: 2,
            justifyContent: 'flex-start',
            textAlign: 'left',
            bgcolor: 'background.paper',
            border: 1,
            borderColor: 'divider',
            borderRadius: 2,
          }}
        >
          <Icon
            aria-hidden
            sx={{ fontSize: 34, color: path === shortOfWater.path ? 'error.main' : 'primary.main' }}
          />
          <span>
            <Typography component="span" sx={{ display: 'block', fontWeight: 700 }}>
              {name}
            </Typography>
            <Typography component="span" variant="body2" sx={{ display: 'block', color: 'text.secondary' }}>
              {what}
            </Typography>
          </span>
        </ButtonBase>
      ))}
    </Box>
  );
}

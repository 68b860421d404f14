import { Box, ButtonBase, Typography } from '@mui/material';
import { Link } from 'react-router';
import { rooms } from './rooms';

/** The rooms at the side of a wide screen. */
export function SideRail({ here }: { here: string }) {
  return (
    <Box
      component="nav"
      aria-label="Rooms"
      sx={{
        width: 104,
        flexShrink: 0,
        position: 'sticky',
        top: 0,
        height: '100dvh',
        borderRight: 1,
        borderColor: 'divider',
        bgcolor: 'background.paper',
        py: 1.5,
        px: 1,
        display: 'flex',
        flexDirection: 'column',
        gap: 0.5,
        overflowY: 'auto',
      }}
    >
      <Box sx={{ textAlign: 'center', pb: 1 }}>
        <Box component="img" src="/drop.svg" alt="" sx={{ width: 40, height: 40 }} />
        <Typography sx={{ fontWeight: 750, lineHeight: 1.1, fontSize: '1rem' }}>Jolly Brook</Typography>
      </Box>
      {rooms.map(({ path, name, Icon }) => (
        <ButtonBase
          key={path}
          component={Link}
          to={path}
          aria-current={path === here ? 'page' : undefined}
          sx={{
            flexDirection: 'column',
            minHeight: 56,
            flexShrink: 0,
            borderRadius: 2,
            gap: 0.25,
            ...(path === here && { bgcolor: 'primary.main', color: 'primary.contrastText' }),
          }}
        >
          <Icon aria-hidden />
          <Typography component="span" sx={{ fontSize: '1rem', fontWeight: 600 }}>
            {name}
          </Typography>
        </ButtonBase>
      ))}
    </Box>
  );
}

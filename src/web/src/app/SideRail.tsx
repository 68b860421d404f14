import { Box, ButtonBase, Typography } from '@mui/material';
import { Link } from 'react-router';
import { more, places, shortOfWater, type Room } from './rooms';

/** Every place at the side of a wide screen: those of the walk first, the call when water is short last. */
export function SideRail({ here }: { here: string }) {
  return (
    <Box
      component="nav"
      aria-label="Places"
      sx={{
        width: 104,
        flexShrink: 0,
        position: 'sticky',
        top: 0,
        height: '100dvh',
        borderRight: 1,
        borderColor: 'divider',
        bgcolor: 'background.paper',
        py: 1,
        px: 1,
        display: 'flex',
        flexDirection: 'column',
        gap: 0.25,
        overflowY: 'auto',
      }}
    >
      <Box sx={{ textAlign: 'center', pb: 0.5 }}>
        <Box component="img" src="/drop.svg" alt="" sx={{ width: 36, height: 36 }} />
        <Typography sx={{ fontWeight: 750, lineHeight: 1.1, fontSize: '1rem' }}>Jolly Brook</Typography>
      </Box>
      {places.map((room) => (
        <RailLink key={room.path} room={room} here={here} tall />
      ))}
      <Box sx={{ borderTop: 1, borderColor: 'divider', my: 0.5 }} />
      {more.map((room) => (
        <RailLink key={room.path} room={room} here={here} />
      ))}
      <Box sx={{ flex: 1 }} />
      <RailLink room={shortOfWater} here={here} tall warns />
    </Box>
  );
}

interface Props {
  room: Room;
  here: string;
  /** Picture over name, for what is wanted most. */
  tall?: boolean;
  warns?: boolean;
}

function RailLink({ room: { path, name, Icon }, here, tall, warns }: Props) {
  const isHere = path === here;
  return (
    <ButtonBase
      component={Link}
      to={path}
      aria-current={isHere ? 'page' : undefined}
      sx={{
        flexDirection: tall ? 'column' : 'row',
        justifyContent: tall ? 'center' : 'flex-start',
        minHeight: tall ? 54 : 48,
        px: tall ? 0 : 0.25,
        flexShrink: 0,
        borderRadius: 2,
        gap: tall ? 0 : 0.5,
        textAlign: 'center',
        ...(warns && { border: 2, borderColor: 'error.main', color: 'error.main' }),
        ...(isHere && { bgcolor: warns ? 'error.main' : 'primary.main', color: 'primary.contrastText' }),
      }}
    >
      <Icon aria-hidden fontSize={tall ? 'medium' : 'small'} />
      <Typography
        component="span"
        sx={{ fontSize: tall ? '1rem' : '0.95rem', fontWeight: 600, lineHeight: 1.1 }}
      >
        {name}
      </Typography>
    </ButtonBase>
  );
}

import { useEffect } from 'react';
import { Box, Link as MuiLink, Stack, useMediaQuery, type Theme } from '@mui/material';
import { Outlet, useLocation, useNavigate } from 'react-router';
import { QuickDialog } from '../rooms/book/write/QuickDialog';
import { StartLine } from '../rooms/start/StartLine';
import { Alarms } from '../rooms/now/Alarms';
import { SipAlarm } from '../rooms/now/sips/SipAlarm';
import { BottomBar } from './BottomBar';
import { ClockLine } from './ClockLine';
import { CoreLine } from './CoreLine';
import { NoticeLine } from './NoticeLine';
import { NotKeptLine } from './NotKeptLine';
import { rooms } from './rooms';
import { ShortcutHelp } from './ShortcutHelp';
import { useShortcut } from '../shared/shortcuts';
import { SideRail } from './SideRail';
import { SyncLine } from './SyncLine';
import { UpdateLine } from './UpdateLine';

/** The frame of every room: a bar under the thumb on a phone, a rail at the side on a wide screen. */
export function Shell() {
  const wide = useMediaQuery((theme: Theme) => theme.breakpoints.up('md'));
  const { pathname } = useLocation();
  const here = rooms.find((room) => pathname.startsWith(room.path))?.path ?? '';
  // On a phone another address is another page, and starts at its top.
  useEffect(() => {
    if (!wide) window.scrollTo(0, 0);
  }, [pathname, wide]);
  return (
    <Box sx={{ display: 'flex', minHeight: '100dvh' }}>
      <MuiLink
        href="#room"
        sx={{
          position: 'absolute',
          left: -9999,
          '&:focus': { left: 8, top: 8, zIndex: 9, bgcolor: 'background.paper', p: 2 },
        }}
      >
        To the room
      </MuiLink>
      {wide && <SideRail here={here} />}
      <Box sx={{ flex: 1, minWidth: 0, display: 'flex', flexDirection: 'column', pb: { xs: 9, md: 0 } }}>
        <Stack spacing={1} sx={{ px: { xs: 1, md: 2 }, '& > *': { mt: 1 } }}>
          <NotKeptLine />
          <CoreLine />
          <NoticeLine />
          <ClockLine />
          <UpdateLine />
          <StartLine />
        </Stack>
        <Box
          component="main"
          id="room"
          tabIndex={-1}
          sx={{ flex: 1, p: { xs: 1, md: 2 }, maxWidth: 1400, width: '100%', outline: 'none' }}
        >
          <QuickDialog>
            <Outlet />
          </QuickDialog>
        </Box>
        <SyncLine />
      </Box>
      {!wide && <BottomBar here={here} />}
      {rooms.map((room) => (
        <RoomKey key={room.path} path={room.path} name={room.name} shortcut={room.shortcut} />
      ))}
      <ShortcutHelp />
      <Alarms />
      <SipAlarm />
    </Box>
  );
}

function RoomKey({ path, name, shortcut }: { path: string; name: string; shortcut: string }) {
  const navigate = useNavigate();
  useShortcut(shortcut, `Go to ${name}`, () => void navigate(path));
  return null;
}

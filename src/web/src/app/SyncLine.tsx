import CallSplit from '@mui/icons-material/CallSplit';
import CloudDone from '@mui/icons-material/CloudDone';
import CloudOff from '@mui/icons-material/CloudOff';
import CloudUpload from '@mui/icons-material/CloudUpload';
import LockOutlined from '@mui/icons-material/LockOutlined';
import { Box, Link as MuiLink, Typography } from '@mui/material';
import { useLiveQuery } from 'dexie-react-hooks';
import { Link } from 'react-router';
import { coreIsHere } from '../core/core';
import { useHeld } from '../shared/held';
import { clockTime } from '../shared/time';
import { useStore } from '../store/StoreContext';
import { useLink } from '../store/useLink';
import type { Link as ServerLink } from '../store/sync/SyncLoop';
import { laterRooms } from './parts';
import { useOfflineReady } from '../program/update';

/** What is kept here, what has still to reach the server, and when it last did. */
export function SyncLine() {
  const { db, demo } = useStore();
  const link = useLink();
  const hasCore = useHeld(coreIsHere);
  const hasLaterRooms = useHeld(laterRooms) !== null;
  // Kept on the device, they are never far.
  const isKept = useOfflineReady();
  const missing = isKept ? null : !hasCore ? 'core' : hasLaterRooms ? null : 'places';
  const read = useLiveQuery(
    async () => ({
      waiting: await db.outbox.where('state').equals('waiting').count(),
      refused: await db.outbox.where('state').equals('refused').count(),
      choose: await db.outbox.where('state').equals('choose').count(),
      met: (await db.meta.get('met'))?.value as string | undefined,
    }),
    [db],
  );
  if (!read) return null;
  const { waiting, refused, choose } = read;
  return (
    <Box
      component="footer"
      sx={{
        px: { xs: 1.5, md: 2 },
        py: 0.5,
        color: 'text.secondary',
        bgcolor: 'background.default',
        // In sight on a wide screen whatever the length of the room; a phone keeps its room for the answer.
        position: { md: 'sticky' },
        bottom: 0,
      }}
    >
      <Box role="status" sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <LinkIcon link={link} waiting={waiting} />
        <Typography variant="body2">
          {demo && 'Demo data. '}
          {wordsFor(link, waiting, missing)}
          {link === 'down' && read.met !== undefined && ` Last met ${clockTime(read.met)}.`}{' '}
          {link === 'signedOut' && (
            <MuiLink component={Link} to="/settings/account">
              Sign in
            </MuiLink>
          )}
        </Typography>
      </Box>
      {choose > 0 && (
        <Box role="alert" sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
          <CallSplit aria-hidden fontSize="small" />
          <Typography variant="body2">
            {choose === 1 ? '1 record was' : `${choose} records were`} changed on two devices.{' '}
            <MuiLink component={Link} to="/choose">
              Choose which stands
            </MuiLink>
          </Typography>
        </Box>
      )}
      {refused > 0 && (
        <Typography role="alert" variant="body2" color="error">
          {refused === 1 ? '1 record is' : `${refused} records are`} kept here, but the server would not take{' '}
          {refused === 1 ? 'it' : 'them'}.{' '}
          <MuiLink component={Link} to="/settings/device" color="inherit">
            See why
          </MuiLink>
        </Typography>
      )}
    </Box>
  );
}

function LinkIcon({ link, waiting }: { link: ServerLink; waiting: number }) {
  if (link === 'down' || link === 'full' || link === 'otherVersion')
    return <CloudOff aria-hidden fontSize="small" />;
  if (link === 'signedOut') return <LockOutlined aria-hidden fontSize="small" />;
  return waiting > 0 ? (
    <CloudUpload aria-hidden fontSize="small" />
  ) : (
    <CloudDone aria-hidden fontSize="small" />
  );
}

function withoutServer(missing: 'core' | 'places' | null): string {
  switch (missing) {
    case 'core':
      return 'No server, and the part that reckons is not here yet: stay where there is a signal until it is.';
    case 'places':
      return 'No server: Water and Now work and are kept on this device; the other places are not here yet.';
    case null:
      return 'No server: everything still works and is kept on this device.';
  }
}

function wordsFor(link: ServerLink, waiting: number, missing: 'core' | 'places' | null): string {
  const toSend = waiting > 0 ? ` ${waiting} to be sent.` : '';
  const onTheirWay = missing === null ? '' : ' The rest of the program is on its way.';
  switch (link) {
    case 'down':
      return `${withoutServer(missing)}${toSend}`;
    case 'full':
      return `The server has no room left: everything is kept on this device. Tell whoever runs it.${toSend}`;
    case 'signedOut':
      return `Signed out: everything is kept on this device.${toSend}`;
    case 'otherVersion':
      return `The server has another version of this page. Reload to go on; everything is kept on this device.${toSend}`;
    case 'up':
      return waiting > 0 ? `Kept here.${toSend}${onTheirWay}` : `All saved.${onTheirWay}`;
    default:
      return `Kept here.${toSend}${onTheirWay}`;
  }
}

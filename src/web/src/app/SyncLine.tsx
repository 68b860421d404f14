import CloudDone from '@mui/icons-material/CloudDone';
import CloudOff from '@mui/icons-material/CloudOff';
import CloudUpload from '@mui/icons-material/CloudUpload';
import { Box, Typography } from '@mui/material';
import { useLiveQuery } from 'dexie-react-hooks';
import { useSyncExternalStore } from 'react';
import { useStore } from '../store/StoreContext';

/** What is kept here and what has still to reach the server. */
export function SyncLine() {
  const { db, sync, demo } = useStore();
  const link = useSyncExternalStore(sync.subscribe, sync.getLink);
  const outbox = useLiveQuery(() => db.outbox.toArray(), [db]) ?? [];
  const refused = outbox.filter((item) => item.refused !== null);
  const waiting = outbox.length - refused.length;
  const Icon = link === 'down' ? CloudOff : waiting > 0 ? CloudUpload : CloudDone;
  return (
    <Box component="footer" sx={{ px: { xs: 1.5, md: 2 }, pb: 1, color: 'text.secondary' }}>
      <Box role="status" sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <Icon aria-hidden fontSize="small" />
        <Typography variant="body2">
          {demo && 'Demo data. '}
          {link === 'down' ? 'No server: everything still works and is kept on this device. ' : ''}
          {waiting > 0 ? `${waiting} to be sent.` : link === 'up' ? 'All saved.' : ''}
        </Typography>
      </Box>
      {refused.map((item) => (
        <Typography key={item.seq} role="alert" variant="body2" color="error">
          Kept here, but the server would not take it: {item.refused}
        </Typography>
      ))}
    </Box>
  );
}

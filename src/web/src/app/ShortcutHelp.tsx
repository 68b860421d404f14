import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from '@mui/material';
import { useState } from 'react';
import { useShortcut, useShortcuts } from '../shared/shortcuts';

/** Lists the keys that act here; opened with "?". */
export function ShortcutHelp() {
  const [open, setOpen] = useState(false);
  const board = useShortcuts();
  useShortcut('?', 'Show this list', () => setOpen(true));
  return (
    <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="shortcut-title">
      <DialogTitle id="shortcut-title">Keyboard shortcuts</DialogTitle>
      <DialogContent>
        <Box
          component="dl"
          sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 3, rowGap: 1, m: 0 }}
        >
          {open &&
            board.list().map(({ key, does }) => (
              <Box key={key} sx={{ display: 'contents' }}>
                <Typography component="dt" sx={{ fontWeight: 750 }}>
                  {key}
                </Typography>
                <Typography component="dd" sx={{ m: 0 }}>
                  {does}
                </Typography>
              </Box>
            ))}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={() => setOpen(false)}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

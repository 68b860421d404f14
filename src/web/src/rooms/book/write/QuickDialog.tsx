import Close from '@mui/icons-material/Close';
import Edit from '@mui/icons-material/Edit';
import { Dialog, DialogContent, DialogTitle, Fab, IconButton, Stack } from '@mui/material';
import { useState } from 'react';
import { useShortcut } from '../../../app/shortcuts';
import { KindLinks } from './ChooseKind';
import { QuickLines } from './QuickLines';

/** A line for the book from any room: by a key, or by the button over the bar. */
export function QuickDialog({ button }: { button: boolean }) {
  const [open, setOpen] = useState(false);
  useShortcut('e', 'Write into the book', () => setOpen(true));
  return (
    <>
      {button && (
        <Fab
          className="no-print"
          color="primary"
          aria-label="Write into the book"
          onClick={() => setOpen(true)}
          sx={{ position: 'fixed', right: 12, bottom: 76, zIndex: 4 }}
        >
          <Edit />
        </Fab>
      )}
      <Dialog open={open} onClose={() => setOpen(false)} fullWidth maxWidth="xs" aria-labelledby="quick-line">
        <DialogTitle id="quick-line" sx={{ pr: 8 }}>
          Write into the book
          <IconButton
            aria-label="Close"
            onClick={() => setOpen(false)}
            sx={{ position: 'absolute', right: 8, top: 8 }}
          >
            <Close />
          </IconButton>
        </DialogTitle>
        <DialogContent>
          <Stack spacing={2}>
            <QuickLines />
            <KindLinks onOpen={() => setOpen(false)} />
          </Stack>
        </DialogContent>
      </Dialog>
    </>
  );
}

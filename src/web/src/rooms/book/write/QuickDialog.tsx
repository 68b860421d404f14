import Close from '@mui/icons-material/Close';
import Edit from '@mui/icons-material/Edit';
import { Button, Dialog, DialogContent, DialogTitle, IconButton, Stack } from '@mui/material';
import { createContext, useContext, useState, type ReactNode } from 'react';
import { useShortcut } from '../../../shared/shortcuts';
import { KindLinks } from './ChooseKind';
import { QuickLines } from './QuickLines';

const Context = createContext<() => void>(() => undefined);

/** A line for the book from any room: by a key, or by the button of a field room. */
export function QuickDialog({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState(false);
  useShortcut('e', 'Write into the book', () => setOpen(true));
  return (
    <Context value={() => setOpen(true)}>
      {children}
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
            {/* The word that it is written, and the way to take it back, lie under an open dialog. */}
            <QuickLines onWrite={() => setOpen(false)} />
            <KindLinks onOpen={() => setOpen(false)} />
          </Stack>
        </DialogContent>
      </Dialog>
    </Context>
  );
}

/** Opens the quick lines from where one is. */
export function WriteButton() {
  const open = useContext(Context);
  return (
    <Button className="no-print" variant="outlined" startIcon={<Edit />} onClick={open}>
      Write into the book
    </Button>
  );
}

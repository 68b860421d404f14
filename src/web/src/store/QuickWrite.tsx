import Undo from '@mui/icons-material/Undo';
import { Button, Snackbar, SnackbarContent } from '@mui/material';
import { createContext, useContext, useState, type ReactNode } from 'react';
import { useLineWords } from './useLineWords';
import { localInstant } from '../shared/time';
import { takeBack, writeLine, type Entry } from './bookLines';
import { useLoggingBook } from './books';
import { useStore } from './StoreContext';

const undoMs = 10_000;

interface Written {
  id: string;
  book: string;
  body: Entry;
}

const Context = createContext<(line: Entry) => Promise<void>>(() => Promise.resolve());

/** Writes a line by one tap, and offers to take it back for ten seconds. */
export function QuickWriteProvider({ children }: { children: ReactNode }) {
  const store = useStore();
  const book = useLoggingBook();
  const [last, setLast] = useState<Written | null>(null);
  const { response } = useLineWords(last?.body ?? null);
  const write = async (line: Entry) => {
    const body: Entry = { ...line, at: localInstant(new Date()) };
    const id = await writeLine(store, book.id, body);
    if (id !== null) setLast({ id, book: book.id, body });
  };
  const undo = async (written: Written) => {
    if ((await takeBack(store, written.book, written.id)) !== null) setLast(null);
  };
  return (
    <Context value={write}>
      {children}
      <Snackbar
        key={last?.id}
        open={last !== null}
        autoHideDuration={undoMs}
        onClose={(_, reason) => {
          if (reason === 'timeout') setLast(null);
        }}
        sx={{ bottom: { xs: 76, md: 24 } }}
      >
        <SnackbarContent
          role="status"
          message={`Written: ${response?.title ?? ''}`}
          action={
            last && (
              <Button color="inherit" startIcon={<Undo />} onClick={() => void undo(last)}>
                Take it back
              </Button>
            )
          }
        />
      </Snackbar>
    </Context>
  );
}

/** Writes a line of this moment, with ten seconds to take it back. */
export function useQuickWrite(): (line: Entry) => Promise<void> {
  return useContext(Context);
}

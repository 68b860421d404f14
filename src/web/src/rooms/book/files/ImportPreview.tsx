import { Box, Button, Typography } from '@mui/material';
import { useMemo, useState } from 'react';
import type { Response } from '../../../core/contract';
import { SelectEntry } from '../../../shared/SelectEntry';
import { useLoggingBook } from '../../../store/books';
import { useWholeBook } from '../../../store/BookLinesContext';
import { keepMany } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import type { Table } from '../../../shared/csv';
import { withoutTwins } from './withoutTwins';

const mostTold = 8;

interface Props {
  table: Table;
  read: Response<'book-import'>;
  onMap: (mapping: string[]) => void;
  onDone: () => void;
}

/** What would change: how each column is read, how many lines are new, and which can't be read. */
export function ImportPreview({ table, read, onMap, onDone }: Props) {
  const store = useStore();
  const book = useLoggingBook();
  const lines = useWholeBook();
  const [kept, setKept] = useState<number | null>(null);
  const standing = lines?.standing;
  const ready = standing !== undefined;
  const { fresh, known } = useMemo(
    () => withoutTwins(read.lines, standing ?? []),
    // What is being taken in must not be held against itself.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [read, ready],
  );
  if (!lines) return null;
  const takeIn = async () => {
    const ids = await keepMany(store.db, 'book-line', fresh, { book: book.id }).catch(() => null);
    if (ids === null) return;
    store.sync.nudge();
    setKept(ids.length);
  };
  if (kept !== null) {
    return (
      <Box role="status">
        <Typography sx={{ fontWeight: 700 }}>{kept} lines are in the book.</Typography>
        <Button onClick={onDone}>Done</Button>
      </Box>
    );
  }
  return (
    <>
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
        {table.header.map((heading, i) => (
          <SelectEntry
            key={`${i}-${heading}`}
            label={`“${heading}”, such as “${table.rows[0]?.[i] ?? ''}”`}
            value={read.mapping[i] || 'none'}
            onChange={(column) =>
              onMap(
                table.header.map((_, k) => (k === i ? (column === 'none' ? '' : column) : read.mapping[k])),
              )
            }
            choices={[
              ...read.columns.map((c) => ({ id: c.name, name: c.title })),
              { id: 'none', name: 'Leave it out' },
            ]}
          />
        ))}
      </Box>
      <Typography sx={{ fontWeight: 700 }}>
        {fresh.length} new lines{known > 0 && `, ${known} already in the book`}
        {read.rejected.length > 0 && `, ${read.rejected.length} that can’t be read`}.
      </Typography>
      {read.rejected.length > 0 && (
        <Box role="alert">
          <Typography>
            Nothing is taken in while a line can’t be read. Mend these, or leave a column out:
          </Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {read.rejected.slice(0, mostTold).map((r) => (
              <li key={r.line}>
                <Typography>
                  Line {r.line}: {r.message}
                </Typography>
              </li>
            ))}
          </Box>
          {read.rejected.length > mostTold && (
            <Typography>and {read.rejected.length - mostTold} more</Typography>
          )}
        </Box>
      )}
      <Box>
        <Button
          variant="contained"
          size="large"
          disabled={read.rejected.length > 0 || fresh.length === 0}
          onClick={() => void takeIn()}
        >
          Take all of them in
        </Button>
      </Box>
    </>
  );
}

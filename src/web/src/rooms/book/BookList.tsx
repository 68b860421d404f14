import Edit from '@mui/icons-material/Edit';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { BookSearch } from './BookSearch';
import { DayHeading } from './lines/DayHeading';
import { LazyBatchLine } from './lines/LazyBatchLine';
import { LineCard } from './lines/LineCard';
import type { Row } from './timeline';
import type { Sought } from './useTimeline';

interface Props {
  rows: Row[];
  sought: Sought;
  onSeek: (sought: Sought) => void;
  chosen: string | undefined;
  onOpen: (key: string) => void;
}

const guess = { day: 230, batch: 150, line: 84 };

/** The rows of the book, of which only those in view are drawn. */
export function BookList({ rows, sought, onSeek, chosen, onOpen }: Props) {
  // The virtualizer is one object that changes within: kept drawings would stand where rows were before they were measured.
  'use no memo';
  const list = useRef<HTMLUListElement>(null);
  const [margin, setMargin] = useState(0);
  useLayoutEffect(() => setMargin(list.current?.offsetTop ?? 0), []);
  const virtual = useWindowVirtualizer({
    count: rows.length,
    estimateSize: (i) => guess[rows[i].type],
    getItemKey: (i) => rows[i].key,
    overscan: 6,
    scrollMargin: margin,
  });
  return (
    <Stack spacing={1.5}>
      <Typography variant="h1">Book</Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button component={Link} to="/book/new" variant="contained" startIcon={<Edit />}>
          Write a line
        </Button>
        <Button component={Link} to="/book/learn" variant="outlined">
          What it taught
        </Button>
        <Button component={Link} to="/book/look-back" variant="outlined">
          Look back on an illness
        </Button>
        <Button component={Link} to="/book/files" variant="outlined">
          In and out
        </Button>
      </Box>
      <BookSearch sought={sought} onSeek={onSeek} />
      {rows.length === 0 && <Typography>Nothing fits.</Typography>}
      <Box
        component="ul"
        ref={list}
        aria-label="Lines of the book"
        sx={{ listStyle: 'none', m: 0, p: 0, position: 'relative', height: virtual.getTotalSize() }}
      >
        {virtual.getVirtualItems().map((item) => {
          const row = rows[item.index];
          return (
            <Box
              component="li"
              key={item.key}
              ref={virtual.measureElement}
              data-index={item.index}
              sx={{
                position: 'absolute',
                left: 0,
                right: 0,
                top: 0,
                pb: 1,
                transform: `translateY(${item.start - margin}px)`,
              }}
            >
              {row.type === 'day' && <DayHeading day={row.day} lines={row.lines} batches={row.batches} />}
              {row.type === 'batch' && (
                <LazyBatchLine id={row.id} chosen={row.id === chosen} onOpen={() => onOpen(row.id)} />
              )}
              {row.type === 'line' && (
                <LineCard
                  line={row.line}
                  replacedBy={row.replacedBy}
                  chosen={row.key === chosen}
                  onOpen={() => onOpen(row.key)}
                />
              )}
            </Box>
          );
        })}
      </Box>
    </Stack>
  );
}

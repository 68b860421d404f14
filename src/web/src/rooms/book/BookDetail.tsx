import { useMemo } from 'react';
import { Typography } from '@mui/material';
import { useBatch } from '../../store/batches';
import { UntoldBatch } from '../../shared/UntoldBatch';
import { useBookLines } from '../../store/BookLinesContext';
import { useProgress } from '../../store/useProgress';
import { FilesPage } from './files/FilesPage';
import { LearnPage } from './learn/LearnPage';
import { BatchEntry } from './lines/BatchEntry';
import { LineEntry } from './lines/LineEntry';
import { LookBackPage } from './lookback/LookBackPage';
import { ChooseKind } from './write/ChooseKind';
import { EntryForm } from './write/EntryForm';
import { asKind } from './write/blankLine';

/** What stands beside the list: a line, a batch, a line being written, or one of the book's pages. */
export function BookDetail({ id }: { id: string | undefined }) {
  if (id === undefined) return null;
  if (id === 'learn') return <LearnPage />;
  if (id === 'look-back') return <LookBackPage />;
  if (id === 'files') return <FilesPage />;
  if (id === 'new') return <ChooseKind />;
  const kind = asKind(/^new-(.+)$/.exec(id)?.[1]);
  if (kind) return <EntryForm kind={kind} />;
  const fixed = /^fix-(.+)$/.exec(id)?.[1];
  return <Written id={fixed ?? id} fixing={fixed !== undefined} />;
}

function Written({ id, fixing }: { id: string; fixing: boolean }) {
  const batch = useBatch(id);
  const book = useBookLines();
  const lone = useMemo(() => (batch ? [batch] : []), [batch]);
  const progress = useProgress(lone);
  if (batch === undefined || !book) return null;
  const line = book.lines.find((l) => l.id === id);
  if (line && fixing) return <EntryForm kind={line.body.kind} corrects={line} />;
  if (line) return <LineEntry line={line} book={book} />;
  const stands = batch && progress?.get(batch.id);
  if (batch && stands) return <BatchEntry batch={batch} progress={stands} />;
  if (batch && stands === null) return <UntoldBatch batch={batch} />;
  return batch === null && book.whole ? <Typography>There is no such line in the book.</Typography> : null;
}

import { Box, Button, Stack, Typography } from '@mui/material';
import { useEffect, useState } from 'react';
import type { Schema } from '../../../core/contract';
import { clockTime, dayName } from '../../../shared/time';
import { api, call } from '../../../store/api';
import { useStore } from '../../../store/StoreContext';
import { countsText } from './countsText';

interface Props {
  check: Schema<'BackupCheckResponse'>;
  file: Schema<'BackupFile'>;
  busy: boolean;
  onTakeIn: (mode: 'merge' | 'replace') => void;
}

/** What a checked file holds, what each way of taking it in would do, and the buttons. */
export function CheckedFile({ check, file, busy, onTakeIn }: Props) {
  return (
    <Stack spacing={1.5}>
      <Typography
        sx={{ fontWeight: 650 }}
        role={check.sound ? 'status' : 'alert'}
        color={check.sound ? undefined : 'error'}
      >
        {check.words}
      </Typography>
      {check.madeAt && (
        <Typography>
          Made on {dayName(check.madeAt)}, {clockTime(check.madeAt, new Date(check.madeAt))}.
        </Typography>
      )}
      {check.counts.length > 0 && (
        <Typography>{check.counts.map((count) => `${count.name}: ${count.count}`).join(' · ')}</Typography>
      )}
      {check.faults.length > 0 && (
        <Box component="ul" aria-label="What can't be kept" sx={{ m: 0, pl: 2.5 }}>
          {check.faults.map((fault) => (
            <li key={fault.number}>
              Record {fault.number}: {fault.message}
            </li>
          ))}
        </Box>
      )}
      {check.sound && (
        <>
          <Way mode="merge" title="Merge it" file={file} busy={busy} onTakeIn={onTakeIn}>
            What is missing here is added; what is here stays as it is.
          </Way>
          <Way mode="replace" title="Replace my book with it" file={file} busy={busy} onTakeIn={onTakeIn}>
            Your book becomes what the file says, on every device.
          </Way>
        </>
      )}
    </Stack>
  );
}

interface WayProps {
  mode: 'merge' | 'replace';
  title: string;
  file: Schema<'BackupFile'>;
  busy: boolean;
  onTakeIn: (mode: 'merge' | 'replace') => void;
  children: string;
}

function Way({ mode, title, file, busy, onTakeIn, children }: WayProps) {
  const { person } = useStore();
  const [would, setWould] = useState<string | null>(null);
  useEffect(() => {
    let overtaken = false;
    const count = call(() =>
      api.POST('/api/books/{book}/restore', {
        params: { path: { book: person.id }, query: { mode, onlyCount: true } },
        body: file,
      }),
    );
    void count.then((answer) => {
      if (!overtaken) setWould(answer.ok ? countsText(answer.data, 'would') : answer.problem.detail);
    });
    return () => {
      overtaken = true;
    };
  }, [mode, file, person.id]);
  return (
    <Box>
      <Typography>
        {children} {would}
      </Typography>
      <Button
        variant={mode === 'merge' ? 'contained' : 'outlined'}
        color={mode === 'merge' ? 'primary' : 'error'}
        disabled={busy}
        onClick={() => onTakeIn(mode)}
      >
        {title}
      </Button>
    </Box>
  );
}

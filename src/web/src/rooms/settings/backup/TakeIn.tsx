import { Box, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { Problem, Schema } from '../../../core/contract';
import { calculate } from '../../../core/core';
import { FileButton } from '../../../shared/FileButton';
import { Section } from '../../../shared/Section';
import { useAsk } from '../../../shared/useAsk';
import { api, call } from '../../../store/api';
import { useStore } from '../../../store/StoreContext';
import { CheckedFile } from './CheckedFile';
import { countsText } from './countsText';
import { UndoPanel } from './UndoPanel';
import { ProblemLine } from '../../../shared/ProblemLine';

const mostBytes = 32 * 1024 * 1024;

type File_ = Schema<'BackupFile'>;

interface Checked {
  file: File_;
  check: Schema<'BackupCheckResponse'>;
}

/** A backup file is checked whole on this device before anything is touched; the server then takes it in, whole or not at all. */
export function TakeIn() {
  const { person, sync } = useStore();
  const [checked, setChecked] = useState<Checked | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const [generation, setGeneration] = useState(0);
  const { busy, problem, ask } = useAsk();

  const read = async (chosen: File) => {
    setChecked(null);
    setFault(null);
    setDone(null);
    if (chosen.size > mostBytes) {
      setFault('This file is larger than 32 MB, which no backup made here is. Choose another.');
      return;
    }
    const outcome = await checkText(await chosen.text());
    if ('file' in outcome) setChecked(outcome);
    else setFault(outcome.problem.errors[0]?.message ?? outcome.problem.detail);
  };

  const takeIn = async (mode: 'merge' | 'replace') => {
    const counts = await ask(() =>
      call(() =>
        api.POST('/api/books/{book}/restore', {
          params: { path: { book: person.id }, query: { mode } },
          body: checked!.file,
        }),
      ),
    );
    if (!counts) return;
    setChecked(null);
    setDone(`Taken in. ${countsText(counts, 'done')}`);
    setGeneration(generation + 1);
    sync.nudge();
  };

  return (
    <Section title="Take a backup in">
      <Typography>The file is checked before anything is touched, and can be undone afterwards.</Typography>
      <Box>
        <FileButton
          label="Choose a file"
          name="Backup file"
          accept="application/json,.json"
          onFile={(file) => void read(file)}
        />
      </Box>
      {fault !== null && <ProblemLine>{fault} Nothing was changed.</ProblemLine>}
      {checked && (
        <CheckedFile
          check={checked.check}
          file={checked.file}
          busy={busy}
          onTakeIn={(mode) => void takeIn(mode)}
        />
      )}
      {problem && <ProblemLine>{problem.detail} Nothing was changed.</ProblemLine>}
      {done !== null && (
        <Stack role="status">
          <Typography sx={{ fontWeight: 650 }}>{done}</Typography>
        </Stack>
      )}
      <UndoPanel key={generation} onUndone={setDone} />
    </Section>
  );
}

async function checkText(text: string): Promise<Checked | { problem: Problem }> {
  let file: File_;
  try {
    file = JSON.parse(text) as File_;
  } catch {
    return {
      problem: problemOf(
        'This file is cut short or is no JSON. Choose a file that was made here under Backup.',
      ),
    };
  }
  try {
    const outcome = await calculate('backup-check', file);
    return outcome.ok ? { file, check: outcome.response } : { problem: outcome.problem };
  } catch {
    return {
      problem: problemOf('This file could not be checked. Choose a file that was made here under Backup.'),
    };
  }
}

function problemOf(detail: string): Problem {
  return {
    type: '/problems/unreadable',
    title: 'The file could not be read.',
    status: 400,
    detail,
    errors: [],
  };
}

import { Box, LinearProgress, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import { FileButton } from '../../../shared/FileButton';
import type { EntryKind } from '../../../store/bookLines';
import { readCsv, type Table } from '../../../shared/csv';
import { ImportPreview } from './ImportPreview';
import { useImport } from './useImport';

/** A table in: its columns are matched, every line is looked at, and all of it is taken in or none. */
export function ImportPanel() {
  const { kinds } = useCatalogue().lists.book;
  const [kind, setKind] = useState<EntryKind>('drank');
  const [table, setTable] = useState<Table | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [mapping, setMapping] = useState<string[] | null>(null);
  const reading = useImport(kind, table, mapping);

  const open = async (file: File) => {
    const read = readCsv(await file.text());
    setMapping(null);
    setWrong(typeof read === 'string' ? read : null);
    setTable(typeof read === 'string' ? null : read);
  };
  return (
    <Section title="A table in">
      <SelectEntry
        label="What each line tells"
        value={kind}
        onChange={(id) => {
          setMapping(null);
          setKind(id as EntryKind);
        }}
        choices={kinds}
      />
      <Box>
        <FileButton
          label="Choose a CSV file"
          name="CSV file"
          accept=".csv,text/csv,text/plain"
          onFile={(file) => void open(file)}
        />
      </Box>
      {wrong && <ProblemLine>{wrong}</ProblemLine>}
      {reading.share < 1 && table && (
        <Box>
          <Typography>
            Looking at {table.rows.length} lines: {Math.floor(reading.share * 100)} %
          </Typography>
          <LinearProgress variant="determinate" value={reading.share * 100} aria-label="Lines looked at" />
        </Box>
      )}
      {table && reading.share === 1 && reading.read && (
        <ImportPreview
          table={table}
          read={reading.read}
          onMap={setMapping}
          onDone={() => {
            setTable(null);
            setMapping(null);
          }}
        />
      )}
      {reading.problem && <ProblemLine>{reading.problem}</ProblemLine>}
    </Section>
  );
}

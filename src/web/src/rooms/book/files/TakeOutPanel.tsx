import Download from '@mui/icons-material/Download';
import { Box, Button, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import { calculate } from '../../../core/core';
import { saveFile } from '../../../shared/saveFile';
import { Section } from '../../../shared/Section';
import { useWholeBook } from '../../../store/BookLinesContext';
import { useNames } from '../../../store/useNames';
import type { EntryKind } from '../../../store/bookLines';
import { writeCsv } from '../../../shared/csv';

/** One table a kind, and where the whole book is saved. */
export function TakeOutPanel() {
  const { kinds } = useCatalogue().lists.book;
  const book = useWholeBook();
  const { named } = useNames();
  const count = (kind: string) => book?.standing.filter((line) => line.body.kind === kind).length ?? 0;
  const save = async (kind: EntryKind) => {
    const lines = (book?.standing ?? []).filter((l) => l.body.kind === kind).map((l) => l.body);
    const outcome = await calculate('book-table', { kind, lines, names: named });
    if (!outcome.ok) return;
    saveFile(`book-${kind}.csv`, 'text/csv', writeCsv(outcome.response.header, outcome.response.rows));
  };
  const written = kinds.filter((kind) => count(kind.id) > 0);
  return (
    <Section title="Tables out">
      {written.length === 0 && <Typography>No line has been written yet.</Typography>}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {written.map((kind) => (
          <Button
            key={kind.id}
            variant="outlined"
            startIcon={<Download />}
            onClick={() => void save(kind.id as EntryKind)}
          >
            {kind.name} ({count(kind.id)}), CSV
          </Button>
        ))}
      </Box>
      <Typography>
        Everything in one file, to be taken in again whole: <Link to="/settings/backup">Backup</Link>.
      </Typography>
    </Section>
  );
}

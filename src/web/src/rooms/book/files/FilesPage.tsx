import { Stack } from '@mui/material';
import { ImportPanel } from './ImportPanel';
import { SourcesPanel } from './SourcesPanel';
import { TakeOutPanel } from './TakeOutPanel';

/** The book as files: tables out and in, sources for maps, and where the whole of it is saved. */
export function FilesPage() {
  return (
    <Stack spacing={2}>
      <TakeOutPanel />
      <ImportPanel />
      <SourcesPanel />
    </Stack>
  );
}

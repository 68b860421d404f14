import { Box } from '@mui/material';
import { useCatalogue } from '../../store/CatalogueContext';
import { SelectEntry } from '../../shared/SelectEntry';
import { TextEntry } from '../../shared/TextEntry';
import { bookName } from '../../store/books';
import { useStore } from '../../store/StoreContext';
import type { Sought } from './useTimeline';

interface Props {
  sought: Sought;
  onSeek: (sought: Sought) => void;
}

/** What is looked for: words, a kind, a trip. */
export function BookSearch({ sought, onSeek }: Props) {
  const { kinds } = useCatalogue().lists.book;
  const { books } = useStore();
  return (
    <Box
      role="search"
      sx={{ display: 'grid', gap: 1, gridTemplateColumns: { xs: '1fr 1fr', md: '2fr 1fr 1fr' } }}
    >
      <Box sx={{ gridColumn: { xs: '1 / -1', md: 'auto' } }}>
        <TextEntry label="Search" value={sought.text} onChange={(text) => onSeek({ ...sought, text })} />
      </Box>
      <SelectEntry
        label="Kind"
        value={sought.kind}
        onChange={(kind) => onSeek({ ...sought, kind })}
        choices={[{ id: 'all', name: 'All' }, { id: 'batch', name: 'Batch' }, ...kinds]}
      />
      <SelectEntry
        label="Trip"
        value={sought.book === '' ? 'all' : sought.book}
        onChange={(book) => onSeek({ ...sought, book: book === 'all' ? '' : book })}
        choices={[{ id: 'all', name: 'All' }, ...books.map((b) => ({ id: b.id, name: bookName(b) }))]}
      />
    </Box>
  );
}

import { Box, Button, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import { Section } from '../../../shared/Section';
import { QuickLines } from './QuickLines';

/** What is to be written: the commonest with one tap, the others by their own form. */
export function ChooseKind() {
  return (
    <Section title="Write a line">
      <QuickLines />
      <KindLinks />
    </Section>
  );
}

export function KindLinks({ onOpen }: { onOpen?: () => void }) {
  const { kinds } = useCatalogue().lists.book;
  return (
    <Box>
      <Typography variant="h3" sx={{ mb: 1 }}>
        Something else
      </Typography>
      <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr' }}>
        {kinds.map((kind) => (
          <Button
            key={kind.id}
            component={Link}
            to={`/book/new-${kind.id}`}
            variant="outlined"
            onClick={onOpen}
            sx={{ minHeight: 56 }}
          >
            {kind.name}
          </Button>
        ))}
      </Box>
    </Box>
  );
}

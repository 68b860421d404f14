import Group from '@mui/icons-material/Group';
import { Box, Typography } from '@mui/material';
import { useOthersName } from '../store/books';
import { useStore } from '../store/StoreContext';

/** In a trip's book: which trip, and who wrote it. Nothing in one's own. */
export function WhoseLine({ book, author }: { book: string; author: string | null }) {
  const { books } = useStore();
  const others = useOthersName()(book, author);
  const trip = books.find((b) => b.id === book)?.name;
  if (!trip) return null;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, color: 'text.secondary' }}>
      <Group aria-hidden fontSize="small" />
      <Typography variant="body2">{others ? `${others}, ${trip}` : trip}</Typography>
    </Box>
  );
}

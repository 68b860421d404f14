import { Typography } from '@mui/material';
import { ListCard } from '../../../shared/ListCard';
import { clockTime } from '../../../shared/time';
import { WhoseLine } from '../../../shared/WhoseLine';
import type { Line } from '../../../store/bookLines';
import { useLineWords } from '../../../store/useLineWords';

interface Props {
  line: Line;
  /** The line that took its place. */
  replacedBy: Line | undefined;
  chosen: boolean;
  onOpen: () => void;
}

/** A line of the book in the list; one that counts no more is crossed out and says so. */
export function LineCard({ line, replacedBy: by, chosen, onOpen }: Props) {
  const { response } = useLineWords(line.body);
  const at = line.body.at ?? '';
  return (
    <ListCard chosen={chosen} onOpen={onOpen}>
      <Typography sx={{ fontWeight: 700, textDecoration: by ? 'line-through' : 'none' }}>
        {clockTime(at, new Date(at))} · {response?.title}
      </Typography>
      {response?.detail && <Typography>{response.detail}</Typography>}
      {by && (
        <Typography variant="body2" sx={{ color: 'text.secondary' }}>
          {by.body.kind === 'takenBack' ? 'Struck out' : 'Corrected'}
        </Typography>
      )}
      <WhoseLine book={line.book} author={line.author} />
    </ListCard>
  );
}

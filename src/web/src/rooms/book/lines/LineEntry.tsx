import { Box, Button, Typography } from '@mui/material';
import { Link, useNavigate } from 'react-router';
import { Section } from '../../../shared/Section';
import { clockTime, dayName } from '../../../shared/time';
import { WhoseLine } from '../../../shared/WhoseLine';
import { takeBack, type BookLines, type Line } from '../../../store/bookLines';
import { mayWrite } from '../../../store/books';
import { useStore } from '../../../store/StoreContext';
import { useLineWords } from '../../../store/useLineWords';

/** A line as it was written, and what was made of it since. */
export function LineEntry({ line, book }: { line: Line; book: BookLines }) {
  const store = useStore();
  const navigate = useNavigate();
  const { response } = useLineWords(line.body);
  const by = book.replacedBy.get(line.id);
  const before = line.body.corrects ? book.lines.find((l) => l.id === line.body.corrects) : undefined;
  const writes = mayWrite(store.books.find((b) => b.id === line.book));
  const { at, note, kind } = line.body;
  const photo = line.body.kind === 'sourceSeen' ? line.body.photo : null;
  return (
    <Section label="Line">
      <div>
        {response && (
          <Typography variant="h1" component="h2" sx={{ textDecoration: by ? 'line-through' : 'none' }}>
            {response.title}
          </Typography>
        )}
        <Typography sx={{ color: 'text.secondary' }}>
          {dayName(at ?? '')}, {clockTime(at ?? '', new Date(at ?? ''))}
        </Typography>
        <WhoseLine book={line.book} author={line.author} />
      </div>
      {response?.detail && <Typography>{response.detail}</Typography>}
      {(kind === 'note' || kind === 'symptom') && (
        <Typography sx={{ whiteSpace: 'pre-wrap' }}>{note}</Typography>
      )}
      {photo && <Box component="img" src={photo} alt="The source" sx={{ maxWidth: '100%' }} />}
      {by && (
        <Typography>
          {by.body.kind === 'takenBack' ? 'Struck out' : 'Corrected by a later line'}:{' '}
          <Link to={`/book/${by.id}`}>{clockTime(by.body.at ?? '')}</Link>
        </Typography>
      )}
      {before && (
        <Typography>
          It stands for <Link to={`/book/${before.id}`}>an older line</Link>, which is kept.
        </Typography>
      )}
      {writes && !by && kind !== 'takenBack' && (
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button component={Link} to={`/book/fix-${line.id}`} variant="outlined">
            Correct it
          </Button>
          <Button
            color="error"
            onClick={() =>
              void takeBack(store, line.book, line.id).then((id) => id && void navigate(`/book/${line.id}`))
            }
          >
            Strike it out
          </Button>
        </Box>
      )}
    </Section>
  );
}

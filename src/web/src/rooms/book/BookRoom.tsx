import { useNavigate, useParams } from 'react-router';
import { EmptyState } from '../../shared/EmptyState';
import { Reading } from '../../shared/Reading';
import { TwoPanes } from '../../shared/TwoPanes';
import { useState } from 'react';
import { BookLinesProvider } from '../../store/BookLinesContext';
import { BookDetail } from './BookDetail';
import { BookList } from './BookList';
import { useTimeline, type Sought } from './useTimeline';

/** Everything that was written down, newest first, by day; what it taught; and files in and out. */
export function BookRoom() {
  return (
    <BookLinesProvider>
      <OpenBook />
    </BookLinesProvider>
  );
}

function OpenBook() {
  const { id } = useParams();
  const navigate = useNavigate();
  const [sought, setSought] = useState<Sought>({ text: '', kind: 'all', book: '' });
  const rows = useTimeline(sought);
  if (!rows) return <Reading what="Book" />;
  const all = sought.text === '' && sought.kind === 'all' && sought.book === '';
  const newest = rows.find((row) => row.type !== 'day')?.key;
  if (all && newest === undefined && id === undefined) {
    return (
      <EmptyState
        title="The book is empty"
        text="Every batch you start is written here with what was done, when, and how good it was; and what you drink, report and weigh."
        to="/book/new"
        action="Write the first line"
      />
    );
  }
  return (
    <TwoPanes
      title="Book"
      backTo="/book"
      onDetail={id !== undefined}
      list={
        <BookList
          rows={rows}
          sought={sought}
          onSeek={setSought}
          chosen={id ?? newest}
          onOpen={(key) => void navigate(`/book/${key}`)}
        />
      }
      detail={<BookDetail key={id} id={id ?? newest} />}
    />
  );
}

import { Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { fieldMessage, otherMessage } from '../../../shared/fieldMessage';
import { Form } from '../../../shared/Form';
import { Section } from '../../../shared/Section';
import { TextEntry } from '../../../shared/TextEntry';
import { useAsk } from '../../../shared/useAsk';
import { api, call } from '../../../store/api';
import { bookName, logInto, mayWrite, useLoggingBook } from '../../../store/books';
import { useStore } from '../../../store/StoreContext';
import { TripPanel } from './TripPanel';

/** The trips a person shares, and where what they do is logged. */
export function PartyPage() {
  const store = useStore();
  const { books } = store;
  const logging = useLoggingBook();
  const trips = books.filter((book) => book.name !== null);
  return (
    <Stack spacing={1.5}>
      <Section title="Where new batches go">
        <ChoiceGroup
          label="Book"
          choices={books.filter(mayWrite).map((book) => ({
            id: book.id,
            name: bookName(book),
            hint: book.name === null ? 'yours alone' : 'everyone in the party sees them',
          }))}
          value={logging.id}
          onChange={(book) => void logInto(store, book)}
        />
      </Section>
      {trips.map((trip) => (
        <TripPanel key={trip.id} trip={trip} />
      ))}
      {trips.length === 0 && (
        <Typography>You share no trip yet. Make one below, then invite your party by a link.</Typography>
      )}
      <NewTrip />
    </Stack>
  );
}

function NewTrip() {
  const { sync } = useStore();
  const [name, setName] = useState('');
  // The same id however often it is sent, so that a bad line never makes two.
  const [book, setBook] = useState(() => newId());
  const { busy, problem, ask } = useAsk();
  const make = async () => {
    const made = await ask(() =>
      call(() => api.PUT('/api/trips/{book}', { params: { path: { book } }, body: { name } })),
    );
    if (!made) return;
    setName('');
    setBook(newId());
    sync.nudge();
  };
  return (
    <Section title="A new trip">
      <Form
        action="Make the trip"
        onSubmit={() => void make()}
        busy={busy}
        error={otherMessage(problem, ['name'])}
      >
        <TextEntry
          label="Name of the trip"
          value={name}
          onChange={setName}
          error={fieldMessage(problem, 'name')}
          hint="Where it goes, and when"
        />
      </Form>
    </Section>
  );
}

import { Typography } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import { calculate } from '../../../core/core';
import { useCalculation } from '../../../core/useCalculation';
import { InstantEntry } from '../../../shared/dates/InstantEntry';
import { Form } from '../../../shared/Form';
import { Section } from '../../../shared/Section';
import { TextEntry } from '../../../shared/TextEntry';
import { localInstant } from '../../../shared/time';
import { useLoggingBook } from '../../../store/books';
import { writeLine, type Entry, type EntryKind, type Line } from '../../../store/bookLines';
import { useStore } from '../../../store/StoreContext';
import { useLineRequest } from '../../../store/useLineWords';
import { blankLine } from './blankLine';
import { EntryFields } from './EntryFields';
import { useWhose } from './useWhose';
import { WhoseEntry } from './WhoseEntry';

/** Lines that someone's name belongs to. */
function isOfAWalker(line: Entry): line is Extract<Entry, { walkerId?: string | null }> {
  return ['drank', 'urine', 'bodyMass', 'signs', 'symptom', 'note'].includes(line.kind);
}

interface Props {
  kind: EntryKind;
  /** The line it is to stand for. */
  corrects?: Line;
}

/** A line being written, or written anew in the place of another. */
export function EntryForm({ kind, corrects }: Props) {
  const store = useStore();
  const book = useLoggingBook();
  const navigate = useNavigate();
  const {
    lists: {
      book: { kinds },
    },
    body: { drinkL },
  } = useCatalogue();
  const { walkers, whose, choose } = useWhose();
  const [entry, setEntry] = useState<Entry>(() =>
    corrects
      ? { ...corrects.body, corrects: corrects.id }
      : blankLine(kind, localInstant(new Date()), drinkL),
  );
  const [tried, setTried] = useState(false);
  const walkerId = isOfAWalker(entry) ? (entry.walkerId ?? (corrects ? null : whose)) : null;
  const whole: Entry = isOfAWalker(entry) ? { ...entry, walkerId } : entry;
  const request = useLineRequest(whole);
  const { response, problem, failure } = useCalculation('book-line', request);
  const [writing, setWriting] = useState(false);
  const errors = (field: string) =>
    tried ? problem?.errors.find((e) => e.field === field)?.message : undefined;

  const save = async () => {
    setTried(true);
    setWriting(true);
    // Pressed before the core has looked at the last letter: it is waited for, never passed over.
    const checked = await calculate('book-line', request).catch(() => null);
    const id = checked?.ok ? await writeLine(store, corrects?.book ?? book.id, whole) : null;
    setWriting(false);
    if (id !== null) void navigate(`/book/${id}`);
  };
  return (
    <Section title={`${corrects ? 'Correct' : 'New'}: ${kinds.find((k) => k.id === kind)?.name ?? ''}`}>
      <Form
        action={corrects ? 'Write it anew' : 'Write it down'}
        onSubmit={() => void save()}
        busy={writing}
        error={tried ? (problem?.errors.map((e) => e.message).join(' ') ?? failure) : null}
      >
        {response && (
          <Typography sx={{ fontWeight: 700 }}>
            {response.title}
            {response.detail && ` · ${response.detail}`}
          </Typography>
        )}
        {isOfAWalker(entry) && (
          <WhoseEntry
            walkers={walkers}
            value={walkerId}
            onChange={(id) => {
              choose(id);
              setEntry({ ...entry, walkerId: id });
            }}
          />
        )}
        <EntryFields line={entry} onChange={setEntry} errors={errors} />
        <InstantEntry
          label="When"
          value={entry.at}
          onChange={(at) => setEntry({ ...entry, at })}
          error={errors('at')}
        />
        <TextEntry
          label={kind === 'symptom' ? 'What is felt' : 'Note'}
          long
          value={entry.note ?? ''}
          onChange={(note) => setEntry({ ...entry, note: note === '' ? null : note })}
          error={errors('note')}
        />
      </Form>
    </Section>
  );
}

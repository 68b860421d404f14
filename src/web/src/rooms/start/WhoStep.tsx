import Add from '@mui/icons-material/Add';
import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../store/CatalogueContext';
import { calculate } from '../../core/core';
import { NumberEntry } from '../../shared/NumberEntry';
import { ProblemLine } from '../../shared/ProblemLine';
import { TextEntry } from '../../shared/TextEntry';
import { useLoggingBook } from '../../store/books';
import { useSettings } from '../../store/LocalDataContext';
import { keep } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import type { Entry } from '../../shared/entered';

interface Person {
  name: string;
  massKg: Entry;
}

/** Names and body mass: need and dose of drinking hang on them. */
export function WhoStep({ onDone }: { onDone: () => void }) {
  const store = useStore();
  const book = useLoggingBook();
  const { units } = useSettings().settings;
  const { newWalker } = useCatalogue().body;
  const unnamed: Person = { name: '', massKg: newWalker.massKg };
  const [people, setPeople] = useState([unnamed]);
  const [wrong, setWrong] = useState<string | null>(null);
  const set = (at: number, part: Partial<Person>) =>
    setPeople(people.map((person, i) => (i === at ? { ...person, ...part } : person)));
  const save = async () => {
    const bodies = people.map(({ name, massKg }, i) => ({
      ...newWalker,
      name: name.trim() || `Walker ${i + 1}`,
      massKg: massKg as number,
    }));
    // All are looked at before any is kept.
    for (const walker of bodies) {
      const checked = await calculate('sweat', { units, walker, tests: [] });
      if (!checked.ok) {
        setWrong(checked.problem.errors[0]?.message ?? checked.problem.title);
        return;
      }
    }
    for (const body of bodies) {
      if ((await keep(store.db, 'walker', body, { book: book.id }).catch(() => null)) === null) return;
    }
    store.sync.nudge();
    onDone();
  };
  return (
    <>
      <Typography>How much each sweats is reckoned from this; a sweat test later makes it theirs.</Typography>
      {people.map((person, i) => (
        <Box
          key={i}
          role="group"
          aria-label={`Walker ${i + 1}`}
          sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}
        >
          <TextEntry
            label={i === 0 ? 'Your name' : `Name of walker ${i + 1}`}
            value={person.name}
            onChange={(name) => set(i, { name })}
          />
          <NumberEntry
            label={i === 0 ? 'Your body mass' : `Body mass of walker ${i + 1}`}
            quantity="kitMass"
            step={1}
            value={person.massKg}
            onChange={(massKg) => set(i, { massKg })}
          />
        </Box>
      ))}
      {wrong && <ProblemLine>{wrong}</ProblemLine>}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button startIcon={<Add />} onClick={() => setPeople([...people, unnamed])}>
          Another walker
        </Button>
        <Button variant="contained" onClick={() => void save()}>
          {people.length === 1 ? 'This is who walks' : `These ${people.length} walk`}
        </Button>
      </Box>
    </>
  );
}

import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useCatalogue } from '../../store/CatalogueContext';
import { calculate } from '../../core/core';
import { useCalculation } from '../../core/useCalculation';
import { NumberEntry } from '../../shared/NumberEntry';
import { ProblemLine } from '../../shared/ProblemLine';
import { Section } from '../../shared/Section';
import { asEntered, type Entry } from '../../shared/entered';
import { clockTime } from '../../shared/time';
import { show } from '../../shared/units';
import { useAsk } from '../../shared/useAsk';
import { useNowMinute } from '../../shared/useNow';
import { api, call } from '../../store/api';
import { writeLine, type EntryOf } from '../../store/bookLines';
import { useLoggingBook } from '../../store/books';
import { useInHand } from '../../store/InHandContext';
import { useSettings } from '../../store/LocalDataContext';
import { keep, type Kept } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import { begunAt } from './begunAt';

/** What the simulated scale's person loses, L/h. */
const usualLPerH = 0.35;

/** A sweat test as it is walked: each weighing is a line of the book at once, and what is drunk and passed between is told there. */
export function WeighedWalk({ walker }: { walker: Kept<'walker'> }) {
  const catalogue = useCatalogue();
  const store = useStore();
  const book = useLoggingBook();
  const navigate = useNavigate();
  const now = useNowMinute();
  const [mass, setMass] = useState<Entry>(null);
  const [again, setAgain] = useState(false);
  const told = useInHand()?.walkers.find(({ id }) => id === walker.id);
  const begun = again ? null : begunAt(told?.massAt, now, catalogue.body.longestTestHours);
  const { units } = useSettings().settings;
  const weighing = (at: string): EntryOf<'bodyMass'> => ({
    kind: 'bodyMass',
    at,
    walkerId: walker.id,
    massKg: asEntered(mass),
  });
  const { problem } = useCalculation('book-line', mass === null ? null : { units, line: weighing(now) });
  const { busy, problem: noScale, ask } = useAsk();
  const fromScale = async () => {
    const hours = begun === null ? 0 : (Date.parse(now) - Date.parse(begun)) / 3_600_000;
    const person = walker.body.name ?? 'walker';
    const reading = await ask(() =>
      call(() => api.GET('/api/scale', { params: { query: { person, lost: usualLPerH * hours } } })),
    );
    if (reading) setMass(reading.kg);
  };
  const weigh = async () => {
    const line = weighing(new Date().toISOString());
    const checked = await calculate('book-line', { units, line }).catch(() => null);
    if (!checked?.ok || (await writeLine(store, book.id, line)) === null) return;
    // Weighed well watered and dry: what is missing later is told by it, and not by a figure that was typed some day.
    if (begun === null && line.massKg !== walker.body.massKg) {
      await keep(store.db, 'walker', { ...walker.body, massKg: line.massKg }, walker).catch(() => null);
      store.sync.nudge();
    }
    setMass(null);
    setAgain(false);
    if (begun !== null) void navigate('/book/learn');
  };
  return (
    <Section title={begun === null ? 'Weigh, walk, weigh again' : 'Walking'}>
      {begun === null ? (
        <Typography>
          Walk 1 to 2 hours. Drink as ever, empty the bladder, undress, dry off and weigh: it is kept with the
          hour, whatever happens to this page, and as {walker.body.name}’s body mass. What you drink is
          written down as ever.
        </Typography>
      ) : (
        <Typography>
          Weighed {show(catalogue, 'kitMass', told?.massKg ?? 0)} at {clockTime(begun)}. What was drunk and
          passed since is taken from the book. Dry off and weigh again when you are back.
        </Typography>
      )}
      <NumberEntry
        label={begun === null ? 'Weighed now, before the walk' : 'Weighed now, after the walk'}
        quantity="kitMass"
        step={0.1}
        value={mass}
        onChange={setMass}
        error={problem?.errors.find((e) => e.field === 'massKg')?.message}
      />
      {noScale && <ProblemLine>{noScale.detail} Type the mass instead.</ProblemLine>}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" size="large" disabled={busy} onClick={() => void fromScale()}>
          Take it from the scale (simulated)
        </Button>
        <Button
          variant="contained"
          size="large"
          disabled={mass === null || problem !== null}
          onClick={() => void weigh()}
        >
          {begun === null ? 'Keep it and set out' : 'Keep it and see what it says'}
        </Button>
        {begun !== null && <Button onClick={() => setAgain(true)}>Begin again</Button>}
      </Box>
    </Section>
  );
}

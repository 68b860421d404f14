import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { calculate } from '../../../core/core';
import { NumberEntry } from '../../../shared/NumberEntry';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import { keepMany } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { useTrip } from '../TripContext';
import { asEntered, type Entry } from '../../../shared/entered';

/** The line as one round of several: laid end to end, passing home and its waters again. */
export function LapsForm({ onDone }: { onDone: (told: string[]) => void }) {
  const store = useStore();
  const { record, route, change, request } = useTrip();
  const [laps, setLaps] = useState<Entry>(2);
  const [waterAtHome, setWaterAtHome] = useState(true);
  const [wrong, setWrong] = useState<string | null>(null);
  const layOut = async () => {
    setWrong(null);
    const outcome = await calculate('laps', {
      units: request.units,
      route,
      sources: request.sources ?? null,
      laps: asEntered(laps),
      waterAtHome,
    });
    if (!outcome.ok) {
      setWrong(outcome.problem.errors[0]?.message ?? outcome.problem.title);
      return;
    }
    const { route: whole, sources, flags } = outcome.response;
    const kept = await keepMany(
      store.db,
      'trip-source',
      sources.map((source) => ({ ...source, routeId: record.id })),
      { book: record.book },
    ).catch(() => null);
    if (kept === null) return;
    store.sync.nudge();
    change(whole);
    onDone([`Laid out as ${laps as number} rounds, ${kept.length} waters added.`, ...flags]);
  };
  return (
    <Section title="Or go round it several times">
      <Typography>One round is the line as it is now. Its waters, and home, are passed in each.</Typography>
      <NumberEntry label="Rounds" quantity="plain" step={1} value={laps} onChange={setLaps} />
      <SwitchEntry
        label="There is a tap where each round begins"
        checked={waterAtHome}
        onChange={setWaterAtHome}
      />
      {wrong && <ProblemLine>{wrong}</ProblemLine>}
      <Box>
        <Button variant="outlined" onClick={() => void layOut()}>
          Lay the rounds out
        </Button>
      </Box>
    </Section>
  );
}

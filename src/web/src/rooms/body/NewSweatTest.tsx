import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../store/CatalogueContext';
import type { Schema } from '../../core/contract';
import { useCalculation } from '../../core/useCalculation';
import { NumberEntry } from '../../shared/NumberEntry';
import { ProblemLine } from '../../shared/ProblemLine';
import { Section } from '../../shared/Section';
import { show } from '../../shared/units';
import { useSettings } from '../../store/LocalDataContext';
import { keep, type Kept } from '../../store/records';
import { useStore } from '../../store/StoreContext';
import { EffortForm } from './EffortForm';
import { WeighedWalk } from './WeighedWalk';
import { asEntered, type Entry } from '../../shared/entered';

type Test = Schema<'SweatTest'>;

interface Props {
  walker: Kept<'walker'>;
  onDone: () => void;
}

/** A sweat test step by step: weighed before, walked, weighed after; judged before it is kept. */
export function NewSweatTest({ walker, onDone }: Props) {
  const catalogue = useCatalogue();
  const litres = (value: number) => show(catalogue, 'volume', value);
  const store = useStore();
  const { units } = useSettings().settings;
  const { name, heightCm, acclimatised, worn, packKg } = walker.body;
  const [test, setTest] = useState<Test>({
    walkerId: walker.id,
    at: null,
    hours: 2,
    beforeKg: null,
    afterKg: null,
    drunkL: 0,
    urineL: 0,
    eatenKg: 0,
  });
  const whole: Test = { ...test, at: test.at ?? null, heightCm, acclimatised, worn, packKg };
  const weighed = test.beforeKg !== null && test.afterKg !== null;
  const { response, problem } = useCalculation(
    'sweat',
    weighed ? { units, walker: walker.body, tests: [{ id: 'new', test: whole }] } : null,
  );
  const errors = (field: string) => problem?.errors.find((e) => e.field === field)?.message;
  const result = weighed ? response?.tests[0]?.result : undefined;

  const number = (key: 'hours' | 'beforeKg' | 'afterKg' | 'drunkL' | 'urineL' | 'eatenKg') => ({
    value: test[key] ?? null,
    onChange: (value: Entry) => setTest({ ...test, [key]: asEntered(value) }),
    error: errors(key),
  });
  const save = async () => {
    const body = { ...whole, at: new Date().toISOString() };
    const kept = await keep(store.db, 'sweat-test', body, { book: walker.book }).catch(() => null);
    if (kept === null) return;
    store.sync.nudge();
    onDone();
  };

  return (
    <Stack spacing={2}>
      <Typography variant="h1">Sweat test: {name}</Typography>
      <WeighedWalk walker={walker} />
      <Section title="Or a walk that is over, typed in">
        <Typography variant="h3">1 · Before</Typography>
        <NumberEntry label="Mass before" quantity="kitMass" step={0.1} {...number('beforeKg')} />
        <Typography variant="h3">2 · The walk</Typography>
        <NumberEntry label="Hours walked" quantity="plain" step={0.25} {...number('hours')} />
        <EffortForm
          effort={test.effort ?? {}}
          onChange={(effort) => setTest({ ...test, effort })}
          errors={errors}
        />
        <NumberEntry label="Drunk" quantity="volume" step={0.25} {...number('drunkL')} />
        <NumberEntry label="Urine" quantity="volume" step={0.1} {...number('urineL')} />
        <NumberEntry label="Eaten" quantity="kitMass" step={0.05} {...number('eatenKg')} />
        <Typography variant="h3">3 · After</Typography>
        <NumberEntry label="Mass after" quantity="kitMass" step={0.1} {...number('afterKg')} />
      </Section>
      <Section title="What it says">
        {!weighed && <Typography>Both weighings are needed.</Typography>}
        {result && (
          <>
            <Typography sx={{ fontSize: '1.5rem', fontWeight: 750 }}>
              {result.accepted
                ? `${litres(result.sweatLPerH)} of sweat an hour`
                : 'This test can’t be counted'}
            </Typography>
            <Typography>
              Lost {litres(result.lossL)} in all, {litres(result.lossLPerH)} an hour; predicted{' '}
              {litres(result.predictedLPerH)} of sweat an hour.
            </Typography>
            {result.refusals.map((words) => (
              <ProblemLine key={words}>{words}</ProblemLine>
            ))}
            {result.warnings.map((words) => (
              <Typography key={words}>Mind: {words}</Typography>
            ))}
          </>
        )}
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          <Button
            variant="contained"
            size="large"
            disabled={!result || problem !== null}
            onClick={() => void save()}
          >
            {result && !result.accepted ? 'Keep it, not counted' : 'Keep it'}
          </Button>
          <Button onClick={onDone}>Leave it</Button>
        </Box>
      </Section>
    </Stack>
  );
}

import Undo from '@mui/icons-material/Undo';
import { Box, Button, Paper, Stack, Typography } from '@mui/material';
import { useShortcut } from '../../shared/shortcuts';
import { useCatalogue } from '../../store/CatalogueContext';
import type { BatchProgress } from '../../core/contract';
import { BatchStateLine } from '../../shared/BatchStateLine';
import { Cautions } from '../../shared/Cautions';
import { clockTime } from '../../shared/time';
import { tap, type Batch } from '../../store/batches';
import { mayWrite } from '../../store/books';
import { useInHand } from '../../store/InHandContext';
import { useStore } from '../../store/StoreContext';
import { WhoseLine } from '../../shared/WhoseLine';
import { BatchClock } from './BatchClock';
import { batchHead } from './batchHead';
import { CalendarAlarm } from './CalendarAlarm';
import { StepCard } from './StepCard';
import { StepRow } from './StepRow';
import { lastThatCounts } from './lastThatCounts';
import { TopUpButton } from './TopUpButton';

/** The steps of a batch in order, one tap each. */
export function BatchSteps({ batch, progress }: { batch: Batch; progress: BatchProgress }) {
  const store = useStore();
  const catalogue = useCatalogue();
  const containers = useInHand()?.containers;
  const steps = progress.steps.map(({ step }) => step);
  const current = steps.find((step) => step.id === progress.currentStepId);
  const next = current && steps[steps.indexOf(current) + 1];
  const lastTap = lastThatCounts(batch, progress);
  const writes = mayWrite(store.books.find((book) => book.id === batch.book));
  const over = progress.state === 'finished' || progress.state === 'discarded';
  const done = (stepId: string) => void tap(store, batch, 'done', stepId);
  useShortcut('d', 'Mark the step as done', () => {
    if (current?.done && writes) done(current.id);
  });

  return (
    <Paper
      component="section"
      aria-label={`Batch in ${batch.container}`}
      variant="outlined"
      sx={{ p: { xs: 1.5, md: 2.5 }, borderColor: 'divider' }}
    >
      <Stack spacing={1.5}>
        <div>
          <Typography variant="h1" component="h2">
            {batch.container}
          </Typography>
          <Typography sx={{ color: 'text.secondary' }}>
            {batchHead(catalogue, batch, progress, containers)}
          </Typography>
          <WhoseLine book={batch.book} author={batch.author} />
        </div>
        <div aria-live="polite">
          <BatchStateLine progress={progress} short={batch.answer.shortOf.length > 0} />
        </div>
        {progress.drinkBy && !over && (
          <Typography>Drink by {clockTime(progress.drinkBy)}: it has no residual.</Typography>
        )}
        <BatchClock progress={progress} large />
        {current && !over && (
          <StepCard
            key={current.id}
            step={current}
            number={steps.indexOf(current) + 1}
            of={steps.length}
            open={writes}
            onDone={() => done(current.id)}
            onFails={() => void tap(store, batch, 'failed', current.id)}
          />
        )}
        {progress.clock && !over && (
          <CalendarAlarm batch={batch} clock={progress.clock} step={current?.title ?? ''} />
        )}
        <Cautions cautions={progress.cautions} />
        <Box component="ol" aria-label="Steps" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {steps.map((step, index) => (
            <StepRow
              key={step.id}
              number={index + 1}
              step={step}
              progress={progress.steps[index]}
              // An optional step may be passed over: the one after it is open too.
              open={writes && current?.optional === true && step === next}
              onDone={() => done(step.id)}
            />
          ))}
        </Box>
        {!writes && <Typography>You follow this trip: its members tap the steps.</Typography>}
        <Box sx={{ display: writes ? 'flex' : 'none', gap: 1, flexWrap: 'wrap' }}>
          {lastTap && progress.state !== 'discarded' && (
            <Button startIcon={<Undo />} onClick={() => void tap(store, batch, 'undone', lastTap.stepId)}>
              Take back “{lastTap.words}”
            </Button>
          )}
          {progress.state === 'discarded' && (
            <Button
              variant="contained"
              startIcon={<Undo />}
              onClick={() => void tap(store, batch, 'undone', null)}
            >
              Bring it back
            </Button>
          )}
          {!over && <TopUpButton batch={batch} />}
          {!over && (
            <Button color="error" onClick={() => void tap(store, batch, 'discarded', null)}>
              Throw this batch away
            </Button>
          )}
        </Box>
      </Stack>
    </Paper>
  );
}

import { Box, Button, Stack, Typography } from '@mui/material';
import { Link } from 'react-router';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { BatchProgress } from '../../../core/contract';
import { Assumptions } from '../../../shared/Assumptions';
import { BatchStateLine } from '../../../shared/BatchStateLine';
import { Ledger } from '../../../shared/Ledger';
import { OutcomeLine } from '../../../shared/OutcomeLine';
import { Section } from '../../../shared/Section';
import { clockTime, dayName } from '../../../shared/time';
import { WhoseLine } from '../../../shared/WhoseLine';
import { WorkingPanel } from '../../../shared/WorkingPanel';
import type { Batch } from '../../../store/batches';
import { isOver } from '../../../store/followProgress';
import { batchLitres } from './batchLitres';
import { WaterAsTold } from './WaterAsTold';

/** A batch as it went: what was told, what was answered, what was done and when. */
export function BatchEntry({ batch, progress }: { batch: Batch; progress: BatchProgress }) {
  const catalogue = useCatalogue();
  const { answer } = batch;
  return (
    <Stack component="article" aria-label={`Batch in ${batch.container}`} spacing={1.5}>
      <Section label="Batch">
        <div>
          <Typography variant="h1" component="h2">
            {answer.headline} in {batch.container}
          </Typography>
          <Typography sx={{ color: 'text.secondary' }}>
            {dayName(batch.startedAt)}, {clockTime(batch.startedAt, new Date(batch.startedAt))} ·{' '}
            {batchLitres(catalogue, batch, progress.addedL)} · {answer.methodName}
          </Typography>
          <WhoseLine book={batch.book} author={batch.author} />
        </div>
        <OutcomeLine answer={answer} />
        <BatchStateLine progress={progress} short={answer.shortOf.length > 0} />
        {!isOver(progress) && (
          <Button component={Link} to={`/now/${batch.id}`} variant="outlined">
            Go on with it
          </Button>
        )}
        <Ledger rows={answer.ledger} />
        <WaterAsTold water={batch.request.water} />
      </Section>
      <Section title="What was done">
        <Box component="ol" sx={{ m: 0, pl: 2.5, '& li + li': { mt: 0.5 } }}>
          {progress.steps.map(({ step, doneAt }) => {
            return (
              <li key={step.id}>
                <Typography>
                  {step.title}:{' '}
                  <strong>{doneAt ? clockTime(doneAt, new Date(batch.startedAt)) : 'not done'}</strong>
                </Typography>
              </li>
            );
          })}
        </Box>
        <Assumptions assumptions={answer.assumptions} />
      </Section>
      <WorkingPanel steps={answer.working} />
    </Stack>
  );
}

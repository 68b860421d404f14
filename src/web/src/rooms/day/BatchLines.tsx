import { Box, Typography } from '@mui/material';
import { calculate } from '../../core/core';
import type { Response, Schema } from '../../core/contract';
import { Section } from '../../shared/Section';
import { startBatch } from '../../store/batches';
import { useStore } from '../../store/StoreContext';
import { BatchLine } from './BatchLine';

interface Props {
  book: string;
  sourceId: string | null;
  day: Schema<'DayBook'>;
  schedule: Response<'schedule'>;
  onChange: (day: Schema<'DayBook'>) => void;
  onEdit: (key: string, part: Partial<Schema<'BatchEdit'>> | null) => void;
}

/** The batches in the order they begin; each is begun, moved and treated otherwise from here. */
export function BatchLines({ book, sourceId, day, schedule, onChange, onEdit }: Props) {
  const store = useStore();
  const begin = async (batch: Schema<'ScheduledBatch'>) => {
    const request = { ...batch.treat, startAt: new Date().toISOString() };
    const outcome = await calculate('treat', request);
    if (!outcome.ok || outcome.response.steps.length === 0) return;
    const batchId = await startBatch(store, book, {
      container: batch.container,
      containerId: batch.containerId,
      sourceId,
      request,
      answer: outcome.response,
    }).catch(() => null);
    if (batchId === null) return;
    onChange({
      ...day,
      started: [...(day.started ?? []), { key: batch.key, batchId, plannedReadyAt: batch.readyAt }],
    });
  };
  return (
    <Section title="Batches">
      {schedule.batches.length === 0 && <Typography>Say what is wanted by when.</Typography>}
      <Box component="ol" aria-label="Batches" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {schedule.batches.map((batch) => (
          <BatchLine
            key={batch.key}
            batch={batch}
            edit={(day.edits ?? []).find((e) => e.key === batch.key)}
            startedId={
              // One that was thrown away is to be begun again.
              (batch.begun && (day.started ?? []).findLast((s) => s.key === batch.key)?.batchId) || null
            }
            onBegin={() => void begin(batch)}
            onEdit={(part) => onEdit(batch.key, part)}
          />
        ))}
      </Box>
    </Section>
  );
}

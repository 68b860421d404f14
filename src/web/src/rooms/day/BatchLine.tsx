import AlarmOutlined from '@mui/icons-material/AlarmOutlined';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../core/contract';
import { InstantEntry } from '../../shared/dates/InstantEntry';
import { SelectEntry } from '../../shared/SelectEntry';
import { clockTime, minutesText } from '../../shared/time';
import { useKit } from '../../store/LocalDataContext';

interface Props {
  batch: Schema<'ScheduledBatch'>;
  edit: Schema<'BatchEdit'> | undefined;
  startedId: string | null;
  onBegin: () => void;
  onEdit: (part: Partial<Schema<'BatchEdit'>> | null) => void;
}

/** One batch: when, what, who; and a way to change it that needs no pointer. */
export function BatchLine({ batch, edit, startedId, onBegin, onEdit }: Props) {
  const [open, setOpen] = useState(false);
  const bottles = useKit().filter((item) => item.body.kind === 'container' && item.body.role !== 'dirty');
  return (
    <Box
      component="li"
      aria-label={`${batch.wantName} in ${batch.container}`}
      sx={{ py: 1.25, borderTop: 1, borderColor: 'divider', display: 'grid', gap: 0.5 }}
    >
      <Typography variant="h2" component="p">
        {clockTime(batch.startAt)} → ready {clockTime(batch.readyAt)}
      </Typography>
      <Typography sx={{ fontWeight: 650 }}>
        {batch.wantName}: {batch.words}
      </Typography>
      <Typography>
        {minutesText(batch.handsMinutes)} of hands · wanted by {clockTime(batch.by)}
        {!batch.meetsTarget && ' · short of the target'}
      </Typography>
      {batch.lateMinutes > 0 && (
        <Typography sx={{ display: 'flex', gap: 0.5, fontWeight: 700 }} color="error">
          <AlarmOutlined aria-hidden /> {minutesText(batch.lateMinutes)} late
        </Typography>
      )}
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        {startedId ? (
          <Button component={Link} to={`/now/${startedId}`} variant="outlined">
            Begun: its steps
          </Button>
        ) : (
          <>
            <Button variant="contained" onClick={onBegin}>
              Begin it now
            </Button>
            <Button onClick={() => setOpen(!open)} aria-expanded={open}>
              Change it
            </Button>
          </>
        )}
      </Stack>
      {open && !startedId && (
        <Stack spacing={1.5} sx={{ pt: 1 }}>
          <InstantEntry
            label="Begin at"
            value={edit?.startAt ?? batch.startAt}
            onChange={(at) => onEdit({ startAt: at })}
          />
          <SelectEntry
            label="Treated by"
            value={batch.method}
            onChange={(method) => onEdit({ method })}
            choices={batch.choices.map((c) => ({
              id: c.id,
              name: `${c.name}: ${minutesText(c.minutes)}, hands ${minutesText(c.handsMinutes)}`,
            }))}
          />
          {bottles.length > 0 && (
            <SelectEntry
              label="In"
              value={batch.containerId ?? ''}
              onChange={(container) => onEdit({ container })}
              choices={bottles.map((b) => ({ id: b.id, name: b.body.name ?? '' }))}
            />
          )}
          {edit && (
            <Box>
              <Button onClick={() => onEdit(null)}>Let it find its own place again</Button>
            </Box>
          )}
        </Stack>
      )}
    </Box>
  );
}

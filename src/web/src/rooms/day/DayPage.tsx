import EventAvailable from '@mui/icons-material/EventAvailable';
import { Box, Button, Stack, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Schema } from '../../core/contract';
import { Assumptions } from '../../shared/Assumptions';
import { Cautions } from '../../shared/Cautions';
import { ProblemLines } from '../../shared/ProblemLines';
import { Section } from '../../shared/Section';
import { SelectEntry } from '../../shared/SelectEntry';
import { WorkingPanel } from '../../shared/WorkingPanel';
import { WriteButton } from '../book/write/QuickDialog';
import { BatchLines } from './BatchLines';
import { saveCalendar } from './calendar';
import { ClockLine } from './ClockLine';
import type { DayChoice } from './dayChoices';
import { DaySetup } from './DaySetup';
import { useSchedule } from './useSchedule';
import { WantList } from './WantList';

/** Which of the days is shown, and how another is opened. */
export interface Choice {
  choices: DayChoice[];
  shown: DayChoice;
  onOpen: (path: string) => void;
}

interface Props {
  day: Schema<'DayBook'>;
  change: (next: Schema<'DayBook'>) => void;
  /** The book its batches are written to. */
  book: string;
  kit: Schema<'KitEntry'>[];
  /** The source of the trip that is treated. */
  sourceId: string | null;
  choice: Choice;
  /** Where the day comes from, in a line. */
  origin?: ReactNode;
}

/** One day: what is wanted, the clock line, and its batches. */
export function DayPage({ day, change, book, kit, sourceId, choice, origin }: Props) {
  const { choices, shown, onOpen } = choice;
  const { response, problem } = useSchedule(day, kit);
  const edit = (key: string, part: Partial<Schema<'BatchEdit'>> | null) => {
    const others = (day.edits ?? []).filter((e) => e.key !== key);
    const before = (day.edits ?? []).find((e) => e.key === key);
    change({ ...day, edits: part === null ? others : [...others, { ...before, ...part, key }] });
  };

  return (
    <Stack spacing={2}>
      <Typography variant="h1">{day.name}</Typography>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'end', flexWrap: 'wrap' }}>
        {choices.length > 1 && (
          <Box sx={{ minWidth: 260 }}>
            <SelectEntry
              label="Day"
              value={shown.path}
              onChange={onOpen}
              choices={choices.map(({ path, name }) => ({ id: path, name }))}
            />
          </Box>
        )}
        <Button component={Link} to="/day/new" variant="outlined">
          New day
        </Button>
        <WriteButton />
        {response && response.batches.length > 0 && (
          <Button
            startIcon={<EventAvailable />}
            onClick={() => saveCalendar(shown.path, day.name ?? 'Day', response)}
          >
            To the calendar
          </Button>
        )}
      </Box>
      {origin}
      {response && (
        <Section label="Clock line">
          <Typography variant="h1" component="p" data-testid="headline">
            {response.headline}
          </Typography>
          {response.late.map((late) => (
            <Typography key={late.wantId} sx={{ fontWeight: 700 }}>
              {late.words}
            </Typography>
          ))}
          <div aria-live="polite">
            {response.slips.map((slip) => (
              <Typography key={slip}>{slip}</Typography>
            ))}
          </div>
          <ClockLine schedule={response} onPut={(key, startAt) => edit(key, { startAt })} />
          {response.cautions.length > 0 && <Cautions cautions={response.cautions} />}
        </Section>
      )}
      <ProblemLines problem={problem} />
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 7fr) minmax(0, 5fr)' },
        }}
      >
        <Stack spacing={2}>
          {response && (
            <BatchLines
              book={book}
              sourceId={sourceId}
              day={day}
              schedule={response}
              onChange={change}
              onEdit={edit}
            />
          )}
          {response && <WorkingPanel steps={response.working} />}
        </Stack>
        <Stack spacing={2}>
          <WantList day={day} onChange={change} />
          <DaySetup day={day} onChange={change} />
          <Button
            component={Link}
            to={shown.kind === 'evening' ? `/winter/${shown.route.id}/${shown.evening}` : '/winter'}
            variant="outlined"
          >
            A night below freezing
          </Button>
          {response && response.assumptions.length > 0 && (
            <Section label="Not known">
              <Assumptions assumptions={response.assumptions} />
            </Section>
          )}
        </Stack>
      </Box>
    </Stack>
  );
}

import { Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { Response } from '../../../core/contract';
import { coreHealth } from '../../../core/coreHealth';
import { useHeld } from '../../../shared/held';
import type { FieldErrors } from '../fieldErrors';
import type { Draft } from '../draft';
import type { DraftStore } from '../useDraft';
import { AskCard } from './AskCard';
import { askFields } from './askFields';
import { askRows, type Opened } from './askOrder';
import { AskPicker } from './AskPicker';
import { CountedChips } from './CountedChips';

/** How many questions are listed at once. */
const atOnce = 5;

type Matters = Response<'what-matters'>;

interface Props {
  /** Null while it is on its way. */
  matters: Matters | null;
  /** Whether it can come: not while something entered can't be right, or nothing is worked out at all. */
  mayCome: boolean;
  form: DraftStore;
  errors: FieldErrors;
  /** The fields somebody told. */
  told: string[];
}

/** The few questions whose answers could change something, the gravest open; what was told stands below and opens by a tap. */
export function AskPanel({ matters, mayCome, form, errors, told }: Props) {
  // Nothing opened by hand: the gravest stands open. Closed by hand: none does.
  const [byHand, setByHand] = useState<Opened | 'none' | null>(null);
  const isStuck = useHeld(coreHealth) !== null;
  // Above it is said why nothing can be worked out, and the fields all stand behind their button.
  if (matters === null)
    return isStuck || !mayCome ? null : (
      // Takes the place of the questions to come, so that they push nothing away.
      <Typography role="status" sx={{ minHeight: { xs: '60dvh', lg: '26rem' } }}>
        Looking at what could change this…
      </Typography>
    );
  const { questions } = matters;
  const gravest = questions[0] ? { field: questions[0].field, at: 0 } : null;
  const opened = byHand === 'none' ? null : (byHand ?? gravest);
  const rows = askRows(questions, opened, atOnce);
  const answer = (field: string, at: number) => (part: Partial<Draft>) => {
    form.set(part);
    // A picture matched makes room for the next question; a number still being typed, or more signs to tick, do not.
    const isOneOfMany = askFields[field]?.by === 'number' || (part.seen?.length ?? 0) > 0;
    setByHand(isOneOfMany ? { field, at } : null);
  };
  return (
    <Stack component="section" spacing={0.75} aria-label="What could change this">
      <Typography variant="h2" sx={{ px: 0.5 }}>
        {questions.length === 0 ? 'Nothing you could still say would change this' : 'What could change this'}
      </Typography>
      {rows.map(({ field, question }, at) => (
        <AskCard
          key={field}
          ask={question?.ask ?? askFields[field]?.name ?? ''}
          stake={field === 'source.seen' ? undefined : question?.words}
          worse={question?.stake.isWorse}
          isOpen={field === opened?.field}
          onToggle={() => setByHand(field === opened?.field ? 'none' : { field, at })}
        >
          <AskPicker field={field} form={{ ...form, set: answer(field, at) }} errors={errors} />
        </AskCard>
      ))}
      <CountedChips
        form={form}
        told={told}
        fields={toShow(matters, told)}
        opened={opened?.field ?? null}
        onOpen={(field) => setByHand(field === opened?.field ? null : { field, at: 0 })}
      />
    </Stack>
  );
}

/** Of the place and the water all that was told or settled; of the rest what was told. */
function toShow({ settled }: Matters, told: string[]): string[] {
  const isSettled = new Set(settled.map(({ field }) => field));
  return Object.keys(askFields).filter(
    (field) =>
      askFields[field]?.by !== 'kit' &&
      (told.includes(field) || (isSettled.has(field) && /^(source|water)\./.test(field))),
  );
}

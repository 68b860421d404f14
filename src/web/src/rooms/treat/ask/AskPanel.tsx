import { Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { Response } from '../../../core/contract';
import type { FieldErrors } from '../fieldErrors';
import type { DraftStore } from '../useDraft';
import { AskCard } from './AskCard';
import { askFields } from './askFields';
import { AskPicker } from './AskPicker';
import { CountedChips } from './CountedChips';

/** How many questions are listed at once. */
const atOnce = 5;

type Matters = Response<'what-matters'>;

interface Props {
  matters: Matters | null;
  form: DraftStore;
  errors: FieldErrors;
  /** The fields somebody told. */
  told: string[];
}

/** The few questions whose answers could change something, the gravest open; what was told stands below and opens by a tap. */
export function AskPanel({ matters, form, errors, told }: Props) {
  // Null opens the gravest; what was opened by hand stays open until it is closed, answered or not.
  const [opened, setOpened] = useState<string | null>(null);
  if (matters === null) return <Typography role="status">Looking at what could change this…</Typography>;
  const { questions } = matters;
  const open = opened ?? questions[0]?.field ?? null;
  const isListed = questions.some(({ field }) => field === open);
  const toggle = (field: string) => setOpened(field === open ? '' : field);
  const card = (field: string, ask: string, stake?: Matters['questions'][number]) => (
    <AskCard
      key={field}
      ask={ask}
      stake={field === 'source.seen' ? undefined : stake?.words}
      worse={stake?.stake.isWorse}
      isOpen={field === open}
      onToggle={() => toggle(field)}
    >
      <AskPicker
        field={field}
        form={{
          ...form,
          set: (part) => {
            form.set(part);
            // What is answered makes room for the next.
            if (opened === null || isListed) setOpened(null);
          },
        }}
        errors={errors}
      />
    </AskCard>
  );
  return (
    <Stack component="section" spacing={0.75} aria-label="What could change this">
      <Typography variant="h2" sx={{ px: 0.5 }}>
        {questions.length === 0 ? 'Nothing you could still say would change this' : 'What could change this'}
      </Typography>
      {open !== null && !isListed && askFields[open] && card(open, askFields[open].name)}
      {questions.slice(0, atOnce).map((question) => card(question.field, question.ask, question))}
      <CountedChips
        form={form}
        told={told}
        fields={toShow(matters, told)}
        opened={open}
        onOpen={(field) => setOpened(field === open ? null : field)}
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

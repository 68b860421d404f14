import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { Drill, Schema } from '../../../core/contract';
import { NumberEntry } from '../../../shared/NumberEntry';
import { Section } from '../../../shared/Section';
import type { Entry } from '../../../shared/entered';
import { ChoiceList } from '../ChoiceList';

type Answers = Schema<'DrillAnswers'>;

interface Props {
  drill: Drill;
  onDecide: (part: Partial<Answers>) => void;
  onAgain: () => void;
}

/** The decision that is open, and those already taken. */
export function QuestionCard({ drill, onDecide, onAgain }: Props) {
  const taken = drill.steps.filter(({ answer }) => answer !== null);
  const open = drill.steps.find(({ id }) => id === drill.next);
  return (
    <Section label="Your decision">
      {taken.map(({ id, question, answer }) => (
        <Typography key={id}>
          {question} <strong>{answer}</strong>
        </Typography>
      ))}
      {open && (
        <Stack key={open.id} spacing={1.5} data-testid="question">
          <Typography variant="h2" sx={{ fontSize: '1.4rem' }}>
            {open.question}
          </Typography>
          {open.choices.length > 0 ? (
            <ChoiceList choices={open.choices} onChoose={({ id }) => onDecide({ [open.id]: id })} />
          ) : (
            <NumberDecision step={open} onDecide={(value) => onDecide({ [open.id]: value })} />
          )}
        </Stack>
      )}
      {taken.length > 0 && (
        <Box>
          <Button onClick={onAgain}>Start it again</Button>
        </Box>
      )}
    </Section>
  );
}

const steps: Partial<Record<Schema<'Quantity'>, number>> = { volume: 0.5, duration: 5 };

function NumberDecision({
  step,
  onDecide,
}: {
  step: Schema<'DrillStep'>;
  onDecide: (value: number) => void;
}) {
  const [value, setValue] = useState<Entry>(null);
  const decide = () => typeof value === 'number' && onDecide(value);
  return (
    <Stack
      component="form"
      spacing={1.5}
      onSubmit={(event) => {
        event.preventDefault();
        decide();
      }}
    >
      <NumberEntry
        label={`Your answer, ${step.unit}`}
        quantity={step.quantity}
        step={steps[step.quantity] ?? 1}
        value={value}
        onChange={setValue}
        error={typeof value === 'string' ? 'Give a number.' : undefined}
      />
      <Box>
        <Button type="submit" variant="contained" size="large" disabled={typeof value !== 'number'}>
          That is it
        </Button>
      </Box>
    </Stack>
  );
}

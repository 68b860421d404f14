import { Button, Stack } from '@mui/material';
import type { Schema } from '../../../core/contract';

interface Props {
  choices: Schema<'DrillChoice'>[];
  onAnswer: (choice: Schema<'DrillChoice'>) => void;
}

/** What can be chosen: a tap is the answer. */
export function ChoiceForm({ choices, onAnswer }: Props) {
  return (
    <Stack role="group" aria-label="Your answer" spacing={1} sx={{ maxWidth: 460 }}>
      {choices.map((choice, n) => (
        <Button
          key={choice.id}
          autoFocus={n === 0}
          variant="outlined"
          size="large"
          onClick={() => onAnswer(choice)}
          sx={{ justifyContent: 'flex-start', textAlign: 'left' }}
        >
          {choice.name}
        </Button>
      ))}
    </Stack>
  );
}

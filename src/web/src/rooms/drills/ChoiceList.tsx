import { Button, Stack } from '@mui/material';
import type { Schema } from '../../core/contract';

type Choice = Schema<'DrillChoice'>;

interface Props {
  choices: Choice[];
  onChoose: (choice: Choice) => void;
  /** Whether the first has the keyboard at once. */
  isNext?: boolean;
}

/** What can be chosen, of a drill or a question: a tap is the answer. */
export function ChoiceList({ choices, onChoose, isNext = false }: Props) {
  return (
    <Stack role="group" aria-label="Your answer" spacing={1}>
      {choices.map((choice, n) => (
        <Button
          key={choice.id}
          autoFocus={isNext && n === 0}
          variant="outlined"
          onClick={() => onChoose(choice)}
          sx={{ justifyContent: 'flex-start', textAlign: 'left', lineHeight: 1.25 }}
        >
          {choice.name}
        </Button>
      ))}
    </Stack>
  );
}

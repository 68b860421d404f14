import { Box, Button, Stack, TextField } from '@mui/material';
import { useState } from 'react';
import { typedNumber } from '../../../shared/typedNumber';

interface Props {
  unit: string;
  onAnswer: (answer: number, text: string) => void;
}

/** A number typed as an answer; Enter gives it. */
export function NumberForm({ unit, onAnswer }: Props) {
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const give = () => {
    const typed = typedNumber(text);
    if (typed.is === 'number') {
      setFault(null);
      onAnswer(typed.value, text.trim());
    } else {
      setFault(
        typed.is === 'either'
          ? `Is it ${typed.values.join(' or ')}? Type it without the mark, or with a point.`
          : 'Give a number.',
      );
    }
  };
  return (
    <Stack
      component="form"
      spacing={1.5}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        give();
      }}
    >
      <TextField
        // The button that had the focus is gone: it goes on to the answer.
        // eslint-disable-next-line jsx-a11y-x/no-autofocus
        autoFocus
        value={text}
        onChange={(event) => setText(event.target.value)}
        error={fault !== null}
        helperText={fault ?? unit}
        slotProps={{
          htmlInput: { inputMode: 'decimal', 'aria-label': `Your answer, ${unit}`, autoComplete: 'off' },
        }}
        sx={{ maxWidth: 260 }}
      />
      <Box>
        <Button type="submit" variant="contained" size="large">
          That is it
        </Button>
      </Box>
    </Stack>
  );
}

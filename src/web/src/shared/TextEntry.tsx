import { Box, TextField, Typography } from '@mui/material';
import { useId } from 'react';

interface Props {
  label: string;
  value: string;
  onChange: (text: string) => void;
  type?: 'text' | 'password';
  /** Whether it takes more than one line. */
  long?: boolean;
  /** What a browser's own memory may fill in; nothing unless it is named. */
  autoComplete?: string;
  error?: string;
  hint?: string;
}

/** A line of text. */
export function TextEntry({
  label,
  value,
  onChange,
  type = 'text',
  autoComplete = 'off',
  error,
  hint,
  long,
}: Props) {
  const id = useId();
  return (
    <Box>
      <Typography
        component="label"
        htmlFor={id}
        variant="body2"
        sx={{ display: 'block', color: 'text.secondary', mb: 0.5 }}
      >
        {label}
      </Typography>
      <TextField
        id={id}
        size="small"
        type={type}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        error={error !== undefined}
        helperText={error ?? hint}
        fullWidth
        multiline={long}
        minRows={long ? 2 : undefined}
        slotProps={{ htmlInput: { autoComplete } }}
      />
    </Box>
  );
}

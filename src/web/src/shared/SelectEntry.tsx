import { Box, MenuItem, TextField, Typography } from '@mui/material';
import { useId } from 'react';
import type { ChoiceItem } from './ChoiceGroup';
import { DefaultMark } from './DefaultMark';

interface Props {
  label: string;
  choices: ChoiceItem[];
  value: string;
  onChange: (id: string) => void;
  isDefault?: boolean;
  error?: string;
}

/** One of many: a list that opens. A value that is none of them, as a thing that is gone, is shown as nothing, not as another. */
export function SelectEntry({ label, choices, value, onChange, isDefault, error }: Props) {
  const id = useId();
  const known = choices.some((choice) => choice.id === value) ? value : '';
  return (
    <Box>
      <Typography id={id} variant="body2" sx={{ color: 'text.secondary', mb: 0.5 }}>
        {label}
        {isDefault && <DefaultMark />}
      </Typography>
      <TextField
        select
        size="small"
        fullWidth
        error={error !== undefined}
        helperText={error}
        value={known}
        onChange={(event) => onChange(event.target.value)}
        slotProps={{ select: { SelectDisplayProps: { 'aria-labelledby': id } } }}
      >
        {choices.map((choice) => (
          <MenuItem key={choice.id} value={choice.id} sx={{ minHeight: 48 }}>
            {choice.name}
          </MenuItem>
        ))}
      </TextField>
    </Box>
  );
}

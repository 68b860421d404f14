import { TextField } from '@mui/material';
import type { PickerProps } from './Pickers';

/** The browser's own field, where the calendar could not be fetched: plain, but a date can be told. */
export function PlainPicker({ labelId, fineness, value, onChange, error, hint }: PickerProps) {
  return (
    <TextField
      size="small"
      fullWidth
      type={fineness === 'day' ? 'date' : 'datetime-local'}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      error={error !== undefined}
      helperText={error ?? hint}
      slotProps={{ htmlInput: { 'aria-labelledby': labelId } }}
    />
  );
}

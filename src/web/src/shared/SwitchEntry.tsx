import { FormControlLabel, Switch } from '@mui/material';

interface Props {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
  disabled?: boolean;
}

/** Something that is so or is not. */
export function SwitchEntry({ label, checked, onChange, disabled }: Props) {
  return (
    <FormControlLabel
      sx={{ minHeight: 48 }}
      control={
        <Switch checked={checked} disabled={disabled} onChange={(_, turnedOn) => onChange(turnedOn)} />
      }
      label={label}
    />
  );
}

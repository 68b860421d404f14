import { Box, FormHelperText, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import { useId } from 'react';
import { DefaultMark } from './DefaultMark';

export interface ChoiceItem {
  id: string;
  name: string;
  hint?: string;
}

interface Props {
  label: string;
  choices: ChoiceItem[];
  value: string;
  onChange: (id: string) => void;
  isDefault?: boolean;
  error?: string;
}

/** One of a few, as big buttons side by side; the hint of the chosen one below. */
export function ChoiceGroup({ label, choices, value, onChange, isDefault, error }: Props) {
  const id = useId();
  const hint = choices.find((c) => c.id === value)?.hint;
  return (
    <Box>
      <Typography id={id} variant="body2" sx={{ color: 'text.secondary', mb: 0.5 }}>
        {label}
        {isDefault && <DefaultMark />}
      </Typography>
      <ToggleButtonGroup
        exclusive
        value={value}
        aria-labelledby={id}
        onChange={(_, next: string | null) => next !== null && onChange(next)}
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          gap: 0.75,
          '& .MuiToggleButton-root': {
            borderRadius: 2,
            border: 1,
            borderColor: 'divider',
            m: 0,
            flex: '1 0 auto',
          },
        }}
      >
        {choices.map((choice) => (
          <ToggleButton key={choice.id} value={choice.id}>
            {choice.name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {(error ?? hint) && <FormHelperText error={error !== undefined}>{error ?? hint}</FormHelperText>}
    </Box>
  );
}

import CheckBox from '@mui/icons-material/CheckBox';
import CheckBoxOutlineBlank from '@mui/icons-material/CheckBoxOutlineBlank';
import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, ToggleButton, Typography } from '@mui/material';
import { useId } from 'react';

interface Props {
  title: string;
  /** Grave ones carry a warning sign until they are ticked. */
  choices: { id: string; name: string; grave?: boolean }[];
  ticked: string[];
  onChange: (ticked: string[]) => void;
}

/** Several of many, as buttons that are ticked. */
export function TickGroup({ title, choices, ticked, onChange }: Props) {
  const id = useId();
  return (
    <Box role="group" aria-labelledby={id}>
      <Typography id={id} variant="body2" sx={{ color: 'text.secondary', mb: 0.5 }}>
        {title}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {choices.map((choice) => {
          const on = ticked.includes(choice.id);
          return (
            <ToggleButton
              key={choice.id}
              value={choice.id}
              selected={on}
              onChange={() => onChange(on ? ticked.filter((t) => t !== choice.id) : [...ticked, choice.id])}
              sx={{ borderRadius: 2, gap: 0.75, textAlign: 'left', px: 1.25 }}
            >
              {on ? (
                <CheckBox fontSize="small" aria-hidden />
              ) : choice.grave ? (
                <WarningAmber fontSize="small" aria-hidden />
              ) : (
                <CheckBoxOutlineBlank fontSize="small" aria-hidden />
              )}
              {choice.name}
            </ToggleButton>
          );
        })}
      </Box>
    </Box>
  );
}

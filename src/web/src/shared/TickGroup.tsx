import CheckBox from '@mui/icons-material/CheckBox';
import CheckBoxOutlineBlank from '@mui/icons-material/CheckBoxOutlineBlank';
import WarningAmber from '@mui/icons-material/WarningAmber';
import { Box, ToggleButton, Typography } from '@mui/material';
import { useId } from 'react';

interface Props<T extends string> {
  title: string;
  /** Grave ones carry a warning sign until they are ticked. */
  choices: { id: string; name: string; grave?: boolean }[];
  ticked: T[];
  onChange: (ticked: T[]) => void;
}

/** Several of many, as buttons that are ticked. */
export function TickGroup<T extends string>({ title, choices, ticked, onChange }: Props<T>) {
  const heading = useId();
  return (
    <Box role="group" aria-labelledby={heading}>
      <Typography id={heading} variant="body2" sx={{ color: 'text.secondary', mb: 0.5 }}>
        {title}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {choices.map((choice) => {
          // The catalogue names its choices by the contract's own words.
          const id = choice.id as T;
          const on = ticked.includes(id);
          return (
            <ToggleButton
              key={choice.id}
              value={choice.id}
              selected={on}
              onChange={() => onChange(on ? ticked.filter((t) => t !== id) : [...ticked, id])}
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

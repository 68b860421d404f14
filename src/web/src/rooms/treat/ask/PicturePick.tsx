import { Box, ToggleButton, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { ChoiceItem } from '../../../shared/ChoiceGroup';

interface Props<T extends string> {
  label: string;
  choices: ChoiceItem[];
  value: T;
  picture: (id: T) => ReactNode;
  onChange: (id: T) => void;
  /** The narrowest a picture may get, px. */
  least?: number;
}

/** One of several that a person matches with what is in front of them. */
export function PicturePick<T extends string>({
  label,
  choices,
  value,
  picture,
  onChange,
  least = 66,
}: Props<T>) {
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: 'grid', gap: 0.75, gridTemplateColumns: `repeat(auto-fill, minmax(${least}px, 1fr))` }}
    >
      {choices.map(({ id, name, hint }) => (
        <ToggleButton
          key={id}
          value={id}
          selected={id === value}
          title={hint}
          onChange={() => onChange(id as T)}
          sx={{
            flexDirection: 'column',
            justifyContent: 'flex-start',
            gap: 0.25,
            p: 0.5,
            borderRadius: 2,
            '&.Mui-selected, &.Mui-selected:hover': {
              bgcolor: 'transparent',
              color: 'text.primary',
              outline: '3px solid',
              outlineColor: 'primary.main',
              fontWeight: 700,
            },
          }}
        >
          {picture(id as T)}
          <Typography component="span" sx={{ fontSize: '1rem', fontWeight: 'inherit', lineHeight: 1.1 }}>
            {name}
          </Typography>
        </ToggleButton>
      ))}
    </Box>
  );
}

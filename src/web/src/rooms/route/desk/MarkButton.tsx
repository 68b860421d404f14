import { ButtonBase } from '@mui/material';
import type { TouchPlace } from './spreadMarks';

interface Props {
  name: string;
  place: TouchPlace;
  isSelected: boolean;
  onSelect: () => void;
}

/** Makes a mark on the strip answer to finger, mouse and keyboard. */
export function MarkButton({ name, place, isSelected, onSelect }: Props) {
  return (
    <ButtonBase
      aria-label={name}
      aria-pressed={isSelected}
      title={name}
      onClick={onSelect}
      sx={{
        position: 'absolute',
        left: place.left,
        top: 0,
        width: place.width,
        height: 44,
        borderRadius: 2,
        ...(isSelected && { outline: '3px solid', outlineColor: 'text.primary', outlineOffset: -3 }),
      }}
    />
  );
}

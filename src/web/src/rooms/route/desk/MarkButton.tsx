import { ButtonBase } from '@mui/material';

interface Props {
  name: string;
  x: number;
  isSelected: boolean;
  onSelect: () => void;
}

/** Makes a mark on the strip answer to finger, mouse and keyboard. */
export function MarkButton({ name, x, isSelected, onSelect }: Props) {
  return (
    <ButtonBase
      aria-label={name}
      aria-pressed={isSelected}
      title={name}
      onClick={onSelect}
      sx={{
        position: 'absolute',
        left: x - 22,
        top: 0,
        width: 44,
        height: 44,
        borderRadius: 2,
        ...(isSelected && { outline: '3px solid', outlineColor: 'text.primary', outlineOffset: -3 }),
      }}
    />
  );
}

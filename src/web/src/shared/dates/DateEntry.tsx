import { WallEntry } from './WallEntry';

interface Props {
  label: string;
  /** As 2026-08-21; null for none. */
  value: string | null | undefined;
  onChange: (date: string | null) => void;
  error?: string;
  hint?: string;
}

/** A day of the calendar. */
export function DateEntry({ value, onChange, ...rest }: Props) {
  return (
    <WallEntry
      fineness="day"
      value={value ?? ''}
      onChange={(text) => onChange(text === '' ? null : text)}
      {...rest}
    />
  );
}

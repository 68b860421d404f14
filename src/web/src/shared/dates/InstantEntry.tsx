import { fromField, toField } from '../time';
import { WallEntry } from './WallEntry';

interface Props {
  label: string;
  /** An instant; null for none. */
  value: string | null | undefined;
  onChange: (instant: string | null) => void;
  error?: string;
  hint?: string;
}

/** A day and an hour by the clock of the trip. */
export function InstantEntry({ value, onChange, ...rest }: Props) {
  return (
    <WallEntry
      fineness="minute"
      value={toField(value ?? '')}
      onChange={(text) => onChange(fromField(text))}
      {...rest}
    />
  );
}

import { SelectEntry } from '../../../shared/SelectEntry';
import type { Kept } from '../../../store/records';

interface Props {
  walkers: Kept<'walker'>[];
  value: string | null;
  onChange: (id: string | null) => void;
}

/** Who it is about. */
export function WhoseEntry({ walkers, value, onChange }: Props) {
  if (walkers.length === 0) return null;
  return (
    <SelectEntry
      label="Who"
      value={value ?? 'party'}
      onChange={(id) => onChange(id === 'party' ? null : id)}
      choices={[
        ...walkers.map((w) => ({ id: w.id, name: w.body.name ?? '' })),
        { id: 'party', name: 'The whole party' },
      ]}
    />
  );
}

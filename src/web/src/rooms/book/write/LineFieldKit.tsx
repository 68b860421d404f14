import type { ReactNode } from 'react';
import type { Schema } from '../../../core/contract';
import { NumberEntry } from '../../../shared/NumberEntry';
import { SelectEntry } from '../../../shared/SelectEntry';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import type { Entry } from '../../../store/bookLines';
import { useKit } from '../../../store/LocalDataContext';
import { useRecords } from '../../../store/useRecords';
import type { Entry as Typed } from '../../../shared/entered';

/** Keys of a line that hold a kind of value. */
type KeysOf<T, V> = { [K in keyof T]-?: NonNullable<T[K]> extends V ? K : never }[keyof T] & string;

export interface LineFieldsProps<T extends Entry> {
  line: T;
  onChange: (line: T) => void;
  errors: (field: string) => string | undefined;
}

/** The parts a line's form is made of, for lines of one kind. */
export function lineFields<T extends Entry>({ line, onChange, errors }: LineFieldsProps<T>) {
  const set = (part: Partial<T>) => onChange({ ...line, ...part });
  return {
    set,
    number: (
      key: KeysOf<T, number>,
      label: string,
      quantity: Schema<'Quantity'>,
      step: number,
      /** What no number means; null where one is needed. */
      unknown: string | null = 'Not known',
    ): ReactNode => (
      <NumberEntry
        label={label}
        quantity={quantity}
        step={step}
        value={(line[key] as number | null | undefined) ?? null}
        // What is typed may be no number yet: the core says so beside the field.
        onChange={(value: Typed) => set({ [key]: value } as Partial<T>)}
        error={errors(key)}
        unknown={unknown ?? undefined}
      />
    ),
    toggle: (key: KeysOf<T, boolean>, label: string): ReactNode => (
      <SwitchEntry
        label={label}
        checked={line[key] === true}
        onChange={(checked) => set({ [key]: checked } as Partial<T>)}
      />
    ),
    thing: (key: KeysOf<T, string>, label: string, kinds?: string[]): ReactNode => (
      <ItemEntry
        label={label}
        kinds={kinds}
        value={(line[key] as string | null | undefined) ?? null}
        onChange={(id) => set({ [key]: id } as Partial<T>)}
        error={errors(key)}
      />
    ),
    record: (key: KeysOf<T, string>, label: string, kind: 'trip-source' | 'route'): ReactNode => (
      <RecordEntry
        label={label}
        kind={kind}
        value={(line[key] as string | null | undefined) ?? null}
        onChange={(id) => set({ [key]: id } as Partial<T>)}
        error={errors(key)}
      />
    ),
  };
}

interface ChoiceProps {
  label: string;
  value: string | null;
  onChange: (id: string | null) => void;
  error?: string;
}

const none = { id: 'none', name: 'Not said' };

function ItemEntry({ label, kinds, value, onChange, error }: ChoiceProps & { kinds?: string[] }) {
  const items = useKit().filter((item) => !kinds || kinds.includes(item.body.kind ?? ''));
  return (
    <SelectEntry
      label={label}
      value={value ?? 'none'}
      onChange={(id) => onChange(id === 'none' ? null : id)}
      choices={[...items.map((item) => ({ id: item.id, name: item.body.name ?? '' })), none]}
      error={error}
    />
  );
}

function RecordEntry({
  label,
  kind,
  value,
  onChange,
  error,
}: ChoiceProps & { kind: 'trip-source' | 'route' }) {
  const records = useRecords(kind) ?? [];
  return (
    <SelectEntry
      label={label}
      value={value ?? 'none'}
      onChange={(id) => onChange(id === 'none' ? null : id)}
      choices={[...records.map(({ id, body }) => ({ id, name: body.name ?? '' })), none]}
      error={error}
    />
  );
}

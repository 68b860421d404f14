import type { Schema } from '../core/contract';
import { NumberEntry } from './NumberEntry';
import type { Entry } from './entered';

export interface ToldNumber<Key extends string> {
  key: Key;
  label: string;
  quantity: Schema<'Quantity'>;
  step: number;
}

type Numbers<Key extends string> = Partial<Record<Key, number | null>>;

interface Props<Key extends string> {
  numbers: readonly ToldNumber<Key>[];
  /** What was typed. */
  told: Numbers<Key>;
  /** What the answer went by, what was left out filled in. */
  taken: Numbers<Key> | undefined;
  onTell: (part: Numbers<Key>) => void;
  errors: (field: Key) => string | undefined;
}

/** Numbers that the answer knows until another is typed: shown as it took them, marked as assumed. */
export function ToldNumbers<Key extends string>({ numbers, told, taken, onTell, errors }: Props<Key>) {
  return numbers.map(({ key, label, quantity, step }) => (
    <NumberEntry
      key={key}
      label={label}
      quantity={quantity}
      step={step}
      value={told[key] ?? taken?.[key] ?? null}
      isDefault={told[key] == null}
      onChange={(value: Entry) => onTell({ [key]: value } as Numbers<Key>)}
      error={errors(key)}
    />
  ));
}

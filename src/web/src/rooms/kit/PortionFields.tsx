import { DateEntry } from '../../shared/dates/DateEntry';
import { NumberEntry } from '../../shared/NumberEntry';
import type { FieldsProps } from './fieldsProps';
import type { ItemOf } from '../../store/kitItems';
import { asEntered } from '../../shared/entered';

/** What is counted in portions. */
export function PortionFields({
  item,
  onChange,
  told,
  onTell,
  errors,
}: FieldsProps<ItemOf<'taste' | 'neutraliser' | 'electrolytes'>>) {
  return (
    <>
      <NumberEntry
        label="Portions left"
        quantity="plain"
        step={1}
        value={told.left}
        onChange={(v) => onTell({ left: asEntered(v) })}
        error={errors('left')}
        unknown="Not counted"
      />
      <DateEntry
        label="Good to"
        value={item.bestBefore}
        onChange={(date) => onChange({ ...item, bestBefore: date })}
      />
    </>
  );
}

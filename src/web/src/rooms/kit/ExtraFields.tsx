import { NumberEntry } from '../../shared/NumberEntry';
import { TextEntry } from '../../shared/TextEntry';
import { asNumber, type FieldsProps } from './ItemFields';

/** What is counted in portions. */
export function ExtraFields({ item, onChange, errors }: FieldsProps) {
  const extra = item.extra ?? {};
  const set = (part: Partial<typeof extra>) => onChange({ ...item, extra: { ...extra, ...part } });
  return (
    <>
      <NumberEntry
        label="Portions left"
        quantity="plain"
        step={1}
        value={extra.portionsLeft ?? null}
        onChange={(v) => set({ portionsLeft: asNumber(v) })}
        error={errors('extra.portionsLeft')}
        unknown="Not counted"
      />
      <TextEntry
        label="Good to"
        type="date"
        value={extra.bestBefore ?? ''}
        onChange={(text) => set({ bestBefore: text === '' ? null : text })}
      />
    </>
  );
}

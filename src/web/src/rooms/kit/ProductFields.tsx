import { useCatalogue } from '../../store/CatalogueContext';
import { DateEntry } from '../../shared/dates/DateEntry';
import { NumberEntry } from '../../shared/NumberEntry';
import { SelectEntry } from '../../shared/SelectEntry';
import type { FieldsProps } from './fieldsProps';
import type { ItemOf } from '../../store/kitItems';
import { LabelCopy } from './LabelCopy';
import { asEntered } from '../../shared/entered';

/** A chemical: what its label is like, its date, what is left, and the label's own words. */
export function ProductFields({ item, onChange, told, onTell, errors }: FieldsProps<ItemOf<'product'>>) {
  const { lists, methods } = useCatalogue();
  const product = item.product!;
  const set = (part: Partial<typeof product>) => onChange({ ...item, product: { ...product, ...part } });
  const method = methods.find((m) => m.id === product.profileId);
  return (
    <>
      <SelectEntry
        label="Label like"
        choices={lists.products}
        value={product.profileId ?? ''}
        onChange={(profileId) => set({ profileId })}
      />
      {method?.asksBleach ? (
        <>
          <DateEntry
            label="Packed on"
            value={product.packDate}
            onChange={(date) => set({ packDate: date })}
            hint="Not known counts as too old."
          />
          <NumberEntry
            label="Strength"
            quantity="percent"
            step={0.25}
            value={product.strengthPercent ?? null}
            onChange={(v) => set({ strengthPercent: asEntered(v) })}
            error={errors('product.strengthPercent')}
            unknown="Not known"
          />
        </>
      ) : (
        <DateEntry
          label="Good to"
          value={product.bestBefore}
          onChange={(date) => set({ bestBefore: date })}
          hint="Not known counts as past its date."
        />
      )}
      {method?.asksDrops && (
        <NumberEntry
          label="Drops counted into 1 mL"
          quantity="plain"
          step={1}
          value={product.dropCount?.drops ?? null}
          onChange={(v) => set({ dropCount: v === null ? null : { drops: asEntered(v), millilitres: 1 } })}
          error={errors('chemical.dropCount.drops')}
          unknown="Not counted"
        />
      )}
      <DateEntry
        label="Opened on"
        value={product.openedOn}
        onChange={(date) => set({ openedOn: date })}
        hint="Empty while it is closed."
      />
      <NumberEntry
        label="Days it lasts once opened"
        quantity="plain"
        step={30}
        value={product.keepsOpenDays ?? null}
        onChange={(v) => set({ keepsOpenDays: asEntered(v) })}
        error={errors('product.keepsOpenDays')}
        unknown="Not on the label"
      />
      <NumberEntry
        label={method?.asksDrops ? 'Left, mL' : 'Tablets left'}
        quantity="plain"
        step={1}
        value={told.left}
        onChange={(v) => onTell({ left: asEntered(v) })}
        error={errors('left')}
        unknown="Not counted"
      />
      <LabelCopy
        label={product.label ?? null}
        onChange={(label) => set({ label })}
        errors={errors}
        unit={method?.asksDrops ? 'Drops' : 'Tablets'}
        template={method?.label ?? null}
      />
    </>
  );
}

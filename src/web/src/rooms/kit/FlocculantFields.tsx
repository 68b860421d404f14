import { useCatalogue } from '../../store/CatalogueContext';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import type { FieldsProps } from './fieldsProps';
import type { ItemOf } from '../../store/kitItems';
import { asEntered } from '../../shared/entered';

/** What makes cloud settle: drops by their label, or alum. */
export function FlocculantFields({ item, onChange, errors }: FieldsProps<ItemOf<'flocculant'>>) {
  const { lists } = useCatalogue();
  const flocculant = item.flocculant!;
  const set = (part: Partial<typeof flocculant>) =>
    onChange({ ...item, flocculant: { ...flocculant, ...part } });
  return (
    <>
      <ChoiceGroup
        label="Form"
        choices={lists.flocculantForms}
        value={flocculant.form ?? 'drops'}
        onChange={(form) => set({ form: form as typeof flocculant.form })}
      />
      {flocculant.form === 'drops' && (
        <>
          <NumberEntry
            label="Drops on the label"
            quantity="plain"
            step={1}
            value={flocculant.labelDrops ?? null}
            onChange={(v) => set({ labelDrops: asEntered(v) })}
            error={errors('flocculant.labelDrops')}
          />
          <NumberEntry
            label="For a volume of"
            quantity="volume"
            step={1}
            value={flocculant.labelVolumeL ?? null}
            onChange={(v) => set({ labelVolumeL: asEntered(v) })}
            error={errors('flocculant.labelVolumeL')}
          />
        </>
      )}
    </>
  );
}

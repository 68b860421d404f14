import { useCatalogue } from '../../store/CatalogueContext';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import type { FieldsProps } from './fieldsProps';
import type { ItemOf } from '../../store/kitItems';
import { asEntered } from '../../shared/entered';

/** What water is boiled in. */
export function PotFields({ item, onChange, errors }: FieldsProps<ItemOf<'pot'>>) {
  const { potMaterials } = useCatalogue();
  return (
    <>
      <NumberEntry
        label="Holds to the brim"
        quantity="volume"
        step={0.1}
        value={item.volumeL ?? null}
        onChange={(volumeL) => onChange({ ...item, volumeL: asEntered(volumeL) })}
        error={errors('volumeL')}
      />
      <NumberEntry
        label="Mass with its lid"
        quantity="kitMass"
        step={0.05}
        value={item.massKg ?? null}
        onChange={(massKg) => onChange({ ...item, massKg: asEntered(massKg) })}
        error={errors('massKg')}
      />
      <ChoiceGroup
        label="Material"
        choices={potMaterials}
        value={item.material ?? 'aluminium'}
        onChange={(material) => onChange({ ...item, material: material as ItemOf<'pot'>['material'] })}
      />
    </>
  );
}

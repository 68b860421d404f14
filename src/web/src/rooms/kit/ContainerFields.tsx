import { useCatalogue } from '../../store/CatalogueContext';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import type { FieldsProps } from './fieldsProps';
import type { ItemOf } from '../../store/kitItems';
import { SwitchEntry } from '../../shared/SwitchEntry';
import { asEntered } from '../../shared/entered';

type Bottle = ItemOf<'container'>;

/** A wall that keeps light out is not clear. */
function excluded(field: string): Partial<Bottle> {
  if (field === 'opaque') return { clearPlastic: false };
  return field === 'clearPlastic' ? { opaque: false } : {};
}

/** What holds water. */
export function ContainerFields({ item, onChange, errors }: FieldsProps<Bottle>) {
  const containerRoles = useCatalogue().route.roles;
  const toggle = (
    label: string,
    field: 'opaque' | 'clearPlastic' | 'squeezable' | 'hasHose' | 'heatSafe' | 'levelVisible',
  ) => (
    <SwitchEntry
      label={label}
      checked={item[field] === true}
      onChange={(checked) => onChange({ ...item, ...(checked && excluded(field)), [field]: checked })}
    />
  );
  return (
    <>
      <NumberEntry
        label="Holds to the brim"
        quantity="volume"
        step={0.25}
        value={item.volumeL ?? null}
        onChange={(volumeL) => onChange({ ...item, volumeL: asEntered(volumeL) })}
        error={errors('volumeL')}
      />
      <NumberEntry
        label="Depth of the water in it"
        quantity="length"
        step={1}
        value={item.depthCm ?? null}
        onChange={(depthCm) => onChange({ ...item, depthCm: asEntered(depthCm) })}
        error={errors('depthCm')}
        unknown="Not known"
      />
      <NumberEntry
        label="Depth when it lies on its side"
        quantity="length"
        step={1}
        value={item.lyingDepthCm ?? null}
        onChange={(lyingDepthCm) => onChange({ ...item, lyingDepthCm: asEntered(lyingDepthCm) })}
        error={errors('lyingDepthCm')}
        unknown="Not known: too deep for sunlight"
      />
      <ChoiceGroup
        label="Holds"
        choices={containerRoles}
        value={item.role ?? 'either'}
        onChange={(role) => onChange({ ...item, role: role as Bottle['role'] })}
      />
      {toggle('Keeps light out', 'opaque')}
      {toggle('Clear PET or glass', 'clearPlastic')}
      {toggle('Can be squeezed', 'squeezable')}
      {toggle('Drunk from through a hose', 'hasHose')}
      {toggle('May stand on a flame', 'heatSafe')}
      {toggle('Shows how much is in it', 'levelVisible')}
    </>
  );
}

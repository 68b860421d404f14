import { useCatalogue } from '../../core/CatalogueContext';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry, type Entry } from '../../shared/NumberEntry';
import { BurnerFields } from './BurnerFields';
import { ContainerFields } from './ContainerFields';
import { ExtraFields } from './ExtraFields';
import { FilterFields } from './FilterFields';
import type { Item } from './kinds';
import { ProductFields } from './ProductFields';

export interface FieldsProps {
  item: Item;
  onChange: (item: Item) => void;
  errors: (field: string) => string | undefined;
}

export const asNumber = (entry: Entry) => entry as number | null;

/** The fields that matter for one kind of kit. */
export function ItemFields(props: FieldsProps) {
  switch (props.item.kind) {
    case 'container':
      return <ContainerFields {...props} />;
    case 'pot':
      return <PotFields {...props} />;
    case 'filter':
      return <FilterFields {...props} />;
    case 'lamp':
      return <LampFields {...props} />;
    case 'product':
      return <ProductFields {...props} />;
    case 'burner':
      return <BurnerFields {...props} />;
    case 'flocculant':
      return <FlocculantFields {...props} />;
    case 'taste':
    case 'neutraliser':
    case 'electrolytes':
      return <ExtraFields {...props} />;
    default:
      return null;
  }
}

function PotFields({ item, onChange, errors }: FieldsProps) {
  const { potMaterials } = useCatalogue();
  return (
    <>
      <NumberEntry
        label="Holds to the brim"
        quantity="volume"
        step={0.1}
        value={item.volumeL ?? null}
        onChange={(volumeL) => onChange({ ...item, volumeL: asNumber(volumeL) })}
        error={errors('volumeL')}
      />
      <NumberEntry
        label="Mass with its lid"
        quantity="kitMass"
        step={0.05}
        value={item.massKg ?? null}
        onChange={(massKg) => onChange({ ...item, massKg: asNumber(massKg) })}
        error={errors('massKg')}
      />
      <ChoiceGroup
        label="Material"
        choices={potMaterials}
        value={item.material ?? 'aluminium'}
        onChange={(material) => onChange({ ...item, material: material as Item['material'] })}
      />
    </>
  );
}

function LampFields({ item, onChange, errors }: FieldsProps) {
  const { lists } = useCatalogue();
  const lamp = item.lamp!;
  const set = (part: Partial<typeof lamp>) => onChange({ ...item, lamp: { ...lamp, ...part } });
  return (
    <>
      <NumberEntry
        label="Volume per cycle"
        quantity="volume"
        step={0.25}
        value={lamp.volumePerCycleL}
        onChange={(v) => set({ volumePerCycleL: asNumber(v) })}
        error={errors('lamp.volumePerCycleL')}
      />
      <NumberEntry
        label="Seconds per cycle"
        quantity="seconds"
        step={5}
        value={lamp.secondsPerCycle}
        onChange={(v) => set({ secondsPerCycle: asNumber(v) })}
        error={errors('lamp.secondsPerCycle')}
      />
      <NumberEntry
        label="Cycles left, when warm"
        quantity="plain"
        step={1}
        value={lamp.cyclesLeft}
        onChange={(v) => set({ cyclesLeft: asNumber(v) })}
        error={errors('lamp.cyclesLeft')}
        unknown="Not known (counts as none)"
      />
      <ChoiceGroup
        label="Battery"
        choices={lists.batteries}
        value={lamp.battery ?? 'unknown'}
        onChange={(battery) => set({ battery: battery as typeof lamp.battery })}
      />
    </>
  );
}

function FlocculantFields({ item, onChange, errors }: FieldsProps) {
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
            onChange={(v) => set({ labelDrops: asNumber(v) })}
            error={errors('flocculant.labelDrops')}
          />
          <NumberEntry
            label="For a volume of"
            quantity="volume"
            step={1}
            value={flocculant.labelVolumeL ?? null}
            onChange={(v) => set({ labelVolumeL: asNumber(v) })}
            error={errors('flocculant.labelVolumeL')}
          />
        </>
      )}
    </>
  );
}

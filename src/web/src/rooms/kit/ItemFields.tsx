import { FormControlLabel, Switch } from '@mui/material';
import { useCatalogue } from '../../core/CatalogueContext';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry, type Entry } from '../../shared/NumberEntry';
import { SelectEntry } from '../../shared/SelectEntry';
import { TextEntry } from '../../shared/TextEntry';
import { FilterFields } from './FilterFields';
import type { Item } from './kinds';

export interface FieldsProps {
  item: Item;
  onChange: (item: Item) => void;
  errors: (field: string) => string | undefined;
}

const asNumber = (entry: Entry) => entry as number | null;

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
    default:
      return null;
  }
}

/** A wall that keeps light out is not clear. */
function excluded(field: string): Partial<Item> {
  if (field === 'opaque') return { clearPlastic: false };
  return field === 'clearPlastic' ? { opaque: false } : {};
}

function ContainerFields({ item, onChange, errors }: FieldsProps) {
  const toggle = (label: string, field: 'opaque' | 'clearPlastic' | 'squeezable' | 'hasHose') => (
    <FormControlLabel
      control={
        <Switch
          checked={item[field] === true}
          onChange={(event) =>
            onChange({ ...item, ...(event.target.checked && excluded(field)), [field]: event.target.checked })
          }
        />
      }
      label={label}
      sx={{ minHeight: 48 }}
    />
  );
  return (
    <>
      <NumberEntry
        label="Holds to the brim"
        quantity="volume"
        step={0.25}
        value={item.volumeL ?? null}
        onChange={(volumeL) => onChange({ ...item, volumeL: asNumber(volumeL) })}
        error={errors('volumeL')}
      />
      <NumberEntry
        label="Depth of the water in it"
        quantity="length"
        step={1}
        value={item.depthCm ?? null}
        onChange={(depthCm) => onChange({ ...item, depthCm: asNumber(depthCm) })}
        error={errors('depthCm')}
        unknown="Not known"
      />
      {toggle('Keeps light out', 'opaque')}
      {toggle('Clear PET or glass', 'clearPlastic')}
      {toggle('Can be squeezed', 'squeezable')}
      {toggle('Drunk from through a hose', 'hasHose')}
    </>
  );
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

function ProductFields({ item, onChange, errors }: FieldsProps) {
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
          <TextEntry
            label="Packed on"
            type="date"
            value={product.packDate ?? ''}
            onChange={(text) => set({ packDate: text === '' ? null : text })}
            hint="Not known counts as too old."
          />
          <NumberEntry
            label="Strength"
            quantity="percent"
            step={0.25}
            value={product.strengthPercent ?? null}
            onChange={(v) => set({ strengthPercent: asNumber(v) })}
            error={errors('product.strengthPercent')}
            unknown="Not known"
          />
        </>
      ) : (
        <TextEntry
          label="Good to"
          type="date"
          value={product.bestBefore ?? ''}
          onChange={(text) => set({ bestBefore: text === '' ? null : text })}
          hint="Not known counts as past its date."
        />
      )}
      {method?.asksDrops && (
        <NumberEntry
          label="Drops counted into 1 mL"
          quantity="plain"
          step={1}
          value={product.dropCount?.drops ?? null}
          onChange={(v) => set({ dropCount: v === null ? null : { drops: asNumber(v), millilitres: 1 } })}
          error={errors('chemical.dropCount.drops')}
          unknown="Not counted"
        />
      )}
    </>
  );
}

function BurnerFields({ item, onChange, errors }: FieldsProps) {
  const { burners } = useCatalogue();
  const burner = item.burner!;
  const set = (part: Partial<typeof burner>) => onChange({ ...item, burner: { ...burner, ...part } });
  return (
    <>
      <SelectEntry
        label="Type"
        choices={burners}
        value={burner.burnerId ?? ''}
        onChange={(burnerId) => set({ burnerId })}
      />
      <NumberEntry
        label="Fuel left"
        quantity="fuelMass"
        step={10}
        value={burner.fuelLeftG ?? null}
        onChange={(v) => set({ fuelLeftG: asNumber(v) })}
        error={errors('burner.fuelLeftG')}
        unknown="Not weighed"
        hint="Weigh the canister and take off its empty weight."
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

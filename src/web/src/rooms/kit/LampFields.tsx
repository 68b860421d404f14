import { useCatalogue } from '../../store/CatalogueContext';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import type { FieldsProps } from './fieldsProps';
import type { ItemOf } from '../../store/kitItems';
import { asEntered } from '../../shared/entered';

/** A UV lamp: its label, and its charge. */
export function LampFields({ item, onChange, told, onTell, errors }: FieldsProps<ItemOf<'lamp'>>) {
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
        onChange={(v) => set({ volumePerCycleL: asEntered(v) })}
        error={errors('lamp.volumePerCycleL')}
      />
      <NumberEntry
        label="Seconds per cycle"
        quantity="seconds"
        step={5}
        value={lamp.secondsPerCycle}
        onChange={(v) => set({ secondsPerCycle: asEntered(v) })}
        error={errors('lamp.secondsPerCycle')}
      />
      <NumberEntry
        label="Cycles left, when warm"
        quantity="plain"
        step={1}
        value={told.left}
        onChange={(v) => onTell({ left: asEntered(v) })}
        error={errors('left')}
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

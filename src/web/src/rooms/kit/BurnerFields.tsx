import { useCatalogue } from '../../store/CatalogueContext';
import { NumberEntry } from '../../shared/NumberEntry';
import { SelectEntry } from '../../shared/SelectEntry';
import type { FieldsProps } from './fieldsProps';
import type { ItemOf } from '../../store/kitItems';
import { WeighCanister } from './WeighCanister';
import { asEntered } from '../../shared/entered';

/** A burner, its fuel, and the canister on the scale. */
export function BurnerFields({ item, onChange, told, onTell, errors }: FieldsProps<ItemOf<'burner'>>) {
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
        value={told.left}
        onChange={(v) => onTell({ left: asEntered(v) })}
        error={errors('left')}
        unknown="Not weighed"
      />
      <NumberEntry
        label="Empty canister or bottle"
        quantity="fuelMass"
        step={5}
        value={burner.emptyG ?? null}
        onChange={(v) => set({ emptyG: asEntered(v) })}
        error={errors('burner.emptyG')}
        unknown="Not known"
        hint="Printed on most canisters."
      />
      {burner.emptyG !== null && burner.emptyG !== undefined && (
        <WeighCanister item={item} onWeighed={(left) => onTell({ left })} />
      )}
    </>
  );
}

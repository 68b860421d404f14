import { useCatalogue } from '../../core/CatalogueContext';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry, type Entry } from '../../shared/NumberEntry';
import { SelectEntry } from '../../shared/SelectEntry';
import type { FieldsProps } from './ItemFields';
import { SwitchEntry } from '../../shared/SwitchEntry';

const asNumber = (entry: Entry) => entry as number | null;

/** A filter: its label, and what it has been through. */
export function FilterFields({ item, onChange, errors }: FieldsProps) {
  const { lists } = useCatalogue();
  const filter = item.filter!;
  const set = (part: Partial<typeof filter>) => onChange({ ...item, filter: { ...filter, ...part } });
  return (
    <>
      <SelectEntry
        label="Element"
        choices={lists.elements}
        value={filter.element ?? ''}
        onChange={(element) => set({ element: element as typeof filter.element })}
      />
      <ChoiceGroup
        label="Style"
        choices={lists.styles}
        value={filter.style ?? 'squeeze'}
        onChange={(style) => set({ style: style as typeof filter.style })}
      />
      <NumberEntry
        label="Flow when new"
        quantity="flow"
        step={0.1}
        value={filter.ratedFlowLPerMin ?? null}
        onChange={(v) => set({ ratedFlowLPerMin: asNumber(v) })}
        error={errors('filter.ratedFlowLPerMin')}
      />
      <NumberEntry
        label="Rated life"
        quantity="bulk"
        step={100}
        value={filter.ratedLifeL ?? null}
        onChange={(v) => set({ ratedLifeL: asNumber(v) })}
        error={errors('filter.ratedLifeL')}
        unknown="Not known (not counted on)"
      />
      <NumberEntry
        label="Used so far"
        quantity="bulk"
        step={10}
        value={filter.usedL ?? null}
        onChange={(v) => set({ usedL: asNumber(v) })}
        error={errors('filter.usedL')}
        unknown="Not known (not counted on)"
      />
      <NumberEntry
        label="Clogging since its last service"
        quantity="plain"
        step={50}
        value={filter.clogLoadLNtu ?? null}
        onChange={(v) => set({ clogLoadLNtu: asNumber(v) })}
        error={errors('filter.clogLoadLNtu')}
        unknown="Not known"
        hint="Litres times NTU; 0 after a back-flush or scrub."
      />
      <ChoiceGroup
        label="Has it ever been wet?"
        choices={lists.happened}
        value={filter.wetted ?? 'unknown'}
        onChange={(wetted) => set({ wetted: wetted as typeof filter.wetted })}
      />
      <ChoiceGroup
        label="A night at or below freezing, wet and unguarded?"
        choices={lists.happened}
        value={filter.frozen ?? 'unknown'}
        onChange={(frozen) => set({ frozen: frozen as typeof filter.frozen })}
      />
      {filter.element === 'ceramic' && (
        <ChoiceGroup
          label="Was it dropped?"
          choices={lists.happened}
          value={filter.dropped ?? 'unknown'}
          onChange={(dropped) => set({ dropped: dropped as typeof filter.dropped })}
        />
      )}
      <SwitchEntry
        label="New, or out of storage: first water is thrown away"
        checked={filter.newOrStored === true}
        onChange={(checked) => set({ newOrStored: checked })}
      />
    </>
  );
}

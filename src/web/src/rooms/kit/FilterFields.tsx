import { useCatalogue } from '../../store/CatalogueContext';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import { SelectEntry } from '../../shared/SelectEntry';
import type { FieldsProps } from './fieldsProps';
import type { ItemOf } from '../../store/kitItems';
import { SwitchEntry } from '../../shared/SwitchEntry';
import { asEntered } from '../../shared/entered';

/** A filter: its label, and what it has been through. */
export function FilterFields({ item, onChange, told, onTell, errors }: FieldsProps<ItemOf<'filter'>>) {
  const { lists } = useCatalogue();
  const filter = item.filter!;
  const set = (part: Partial<typeof filter>) => onChange({ ...item, filter: { ...filter, ...part } });
  const been = told.filter ?? {};
  const tell = (part: Partial<typeof been>) => onTell({ filter: { ...been, ...part } });
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
        onChange={(v) => set({ ratedFlowLPerMin: asEntered(v) })}
        error={errors('filter.ratedFlowLPerMin')}
      />
      <NumberEntry
        label="Rated life"
        quantity="bulk"
        step={100}
        value={filter.ratedLifeL ?? null}
        onChange={(v) => set({ ratedLifeL: asEntered(v) })}
        error={errors('filter.ratedLifeL')}
        unknown="Not known (not counted on)"
      />
      <NumberEntry
        label="Used so far"
        quantity="bulk"
        step={10}
        value={been.usedL ?? null}
        onChange={(v) => tell({ usedL: asEntered(v) })}
        error={errors('filter.usedL')}
        unknown="Not known (not counted on)"
      />
      <NumberEntry
        label="Clogging since its last service"
        quantity="plain"
        step={50}
        value={been.clogLoadLNtu ?? null}
        onChange={(v) => tell({ clogLoadLNtu: asEntered(v) })}
        error={errors('filter.clogLoadLNtu')}
        unknown="Not known"
        hint="Litres times NTU; 0 after a back-flush or scrub."
      />
      <ChoiceGroup
        label="Has it ever been wet?"
        choices={lists.happened}
        value={been.wetted ?? 'unknown'}
        onChange={(wetted) => tell({ wetted: wetted as typeof been.wetted })}
      />
      <ChoiceGroup
        label="A night at or below freezing, wet and unguarded?"
        choices={lists.happened}
        value={been.frozen ?? 'unknown'}
        onChange={(frozen) => tell({ frozen: frozen as typeof been.frozen })}
      />
      {filter.element === 'ceramic' && (
        <ChoiceGroup
          label="Was it dropped?"
          choices={lists.happened}
          value={been.dropped ?? 'unknown'}
          onChange={(dropped) => tell({ dropped: dropped as typeof been.dropped })}
        />
      )}
      <SwitchEntry
        label="New, or out of storage: first water is thrown away"
        checked={been.newOrStored === true}
        onChange={(checked) => tell({ newOrStored: checked })}
      />
    </>
  );
}

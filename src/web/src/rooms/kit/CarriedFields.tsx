import { useCatalogue } from '../../store/CatalogueContext';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import { TextEntry } from '../../shared/TextEntry';
import type { FieldsProps } from './fieldsProps';
import type { Item } from '../../store/kitItems';
import { asEntered } from '../../shared/entered';

const words = (text: string) => (text === '' ? null : text);

/** How a piece is carried: what it weighs, where it is, and what it would be lost with. */
export function CarriedFields({ item, onChange, errors }: Omit<FieldsProps, 'told' | 'onTell'>) {
  const { lists } = useCatalogue();
  return (
    <>
      {item.kind !== 'pot' && (
        <NumberEntry
          label="Mass"
          quantity="kitMass"
          step={0.05}
          value={item.massKg ?? null}
          onChange={(massKg) => onChange({ ...item, massKg: asEntered(massKg) })}
          error={errors('massKg')}
          unknown="Not weighed"
        />
      )}
      <TextEntry
        label="In which pack or pouch"
        value={item.bag ?? ''}
        onChange={(bag) => onChange({ ...item, bag: words(bag) })}
        error={errors('bag')}
        hint="What is lost together. Without a name all of it counts as one bag."
      />
      <ChoiceGroup
        label="Carried at"
        choices={lists.carriedAt}
        value={item.at ?? 'pack'}
        onChange={(at) => onChange({ ...item, at: at as Item['at'] })}
      />
      <TextEntry
        label="How to get at it, how it sloshes"
        value={item.accessNote ?? ''}
        onChange={(note) => onChange({ ...item, accessNote: words(note) })}
        error={errors('accessNote')}
      />
    </>
  );
}

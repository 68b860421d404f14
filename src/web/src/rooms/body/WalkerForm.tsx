import { Box } from '@mui/material';
import { useCatalogue } from '../../store/CatalogueContext';
import type { Schema } from '../../core/contract';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import { SelectEntry } from '../../shared/SelectEntry';
import { TextEntry } from '../../shared/TextEntry';
import { asEntered, type Entry } from '../../shared/entered';

type Walker = Schema<'Walker'>;

interface Props {
  walker: Walker;
  onChange: (walker: Walker) => void;
  errors: (field: string) => string | undefined;
}

/** Clothing that nobody told goes by the air, and is spoken of so. */
const asTheAirAsks = { id: 'untold', name: 'Not told: as the air asks' };

const answers = { true: true, false: false, unknown: null } as const;

/** Mass, height, heat, clothing, pack. */
export function WalkerForm({ walker, onChange, errors }: Props) {
  const { body } = useCatalogue();
  const number = (key: 'massKg' | 'heightCm' | 'packKg') => ({
    value: walker[key] ?? null,
    onChange: (value: Entry) => onChange({ ...walker, [key]: asEntered(value) }),
    error: errors(key),
  });
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
      <TextEntry
        label="Name"
        value={walker.name ?? ''}
        onChange={(name) => onChange({ ...walker, name })}
        error={errors('name')}
      />
      <NumberEntry label="Body mass" quantity="kitMass" step={0.5} {...number('massKg')} />
      <NumberEntry label="Height" quantity="length" step={1} {...number('heightCm')} />
      <NumberEntry
        label="Pack"
        quantity="kitMass"
        step={0.5}
        hint="With food and its usual water."
        {...number('packKg')}
      />
      <SelectEntry
        label="Clothing"
        value={walker.worn ?? asTheAirAsks.id}
        onChange={(id) =>
          onChange({ ...walker, worn: id === asTheAirAsks.id ? null : (id as Walker['worn']) })
        }
        choices={[...body.clothes, asTheAirAsks]}
      />
      <ChoiceGroup
        label="Used to heat?"
        value={String(walker.acclimatised ?? 'unknown')}
        onChange={(id) => onChange({ ...walker, acclimatised: answers[id as keyof typeof answers] })}
        choices={[
          { id: 'true', name: 'Yes' },
          { id: 'false', name: 'No' },
          { id: 'unknown', name: 'Not known', hint: 'Counts as yes: the used sweat more.' },
        ]}
      />
    </Box>
  );
}

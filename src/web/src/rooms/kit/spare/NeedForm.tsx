import { Box } from '@mui/material';
import type { Schema } from '../../../core/contract';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import { asEntered, type Entry } from '../../../shared/entered';

type Need = Schema<'OthersNeed'>;

interface Props {
  /** What was told. */
  need: Need;
  /** What the cards went by, what was left out put in. */
  taken: Need | undefined;
  onChange: (need: Need) => void;
  errors: (field: string) => string | undefined;
}

const ways = [
  { id: 'out', name: 'On the way out' },
  { id: 'stay', name: 'Staying on' },
];

const answers = [
  { id: 'unknown', name: 'Not known' },
  { id: 'yes', name: 'Yes' },
  { id: 'no', name: 'No' },
];

/** Who they are and what they have: a few taps. */
export function NeedForm({ need, taken, onChange, errors }: Props) {
  const number = (key: 'people' | 'days' | 'waterC' | 'bottleL') => ({
    value: need[key] ?? taken?.[key] ?? null,
    isDefault: need[key] == null,
    onChange: (value: Entry) => onChange({ ...need, [key]: asEntered(value) }),
    error: errors(key),
  });
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
      <NumberEntry label="People" quantity="plain" step={1} {...number('people')} />
      <ChoiceGroup
        label="They are"
        choices={ways}
        value={need.way ?? taken?.way ?? ''}
        isDefault={need.way == null}
        onChange={(way) => onChange({ ...need, way: way as Need['way'] })}
      />
      {need.way === 'stay' && <NumberEntry label="For days" quantity="plain" step={1} {...number('days')} />}
      <ChoiceGroup
        label="They can boil: pot and fire"
        choices={answers}
        value={need.hasPot ?? 'unknown'}
        onChange={(hasPot) => onChange({ ...need, hasPot: hasPot as Need['hasPot'] })}
      />
      <ChoiceGroup
        label="Their water is clear"
        choices={answers}
        value={need.hasClearWater ?? 'unknown'}
        onChange={(clear) => onChange({ ...need, hasClearWater: clear as Need['hasClearWater'] })}
      />
      <NumberEntry
        label="Their water’s temperature"
        quantity="temperature"
        step={1}
        {...number('waterC')}
        isDefault={false}
        unknown="Not known: near freezing"
      />
      <NumberEntry label="Their bottle" quantity="volume" step={0.25} {...number('bottleL')} />
    </Box>
  );
}

import { Box } from '@mui/material';
import type { Schema } from '../../core/contract';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import { SelectEntry } from '../../shared/SelectEntry';
import { SwitchEntry } from '../../shared/SwitchEntry';
import { useCatalogue } from '../../store/CatalogueContext';
import { asEntered, type Entry } from '../../shared/entered';

type Effort = Schema<'Effort'>;

interface Props {
  effort: Effort;
  onChange: (effort: Effort) => void;
  errors: (field: string) => string | undefined;
  /** What an air that is not told means, where that is not the usual one. */
  airUntold?: string;
}

type NumberKey = 'temperatureC' | 'humidityPercent' | 'speedKmH' | 'gradePercent' | 'elevationM' | 'windMs';

/** Air, ground and pace; what nobody has touched is marked as a default. */
export function EffortForm({ effort, onChange, errors, airUntold }: Props) {
  const { body } = useCatalogue();
  const start = body.effort;
  const number = (key: NumberKey) => ({
    value: effort[key] ?? start[key] ?? null,
    isDefault: effort[key] === undefined,
    onChange: (value: Entry) => onChange({ ...effort, [key]: asEntered(value) }),
    error: errors(`effort.${key}`),
  });
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
      <NumberEntry
        label="Air temperature"
        quantity="temperature"
        step={1}
        {...number('temperatureC')}
        {...(airUntold && { value: effort.temperatureC ?? null, isDefault: false, unknown: airUntold })}
      />
      <NumberEntry label="Humidity" quantity="percent" step={5} {...number('humidityPercent')} />
      <NumberEntry label="Pace" quantity="speed" step={0.5} {...number('speedKmH')} />
      <NumberEntry label="Grade" quantity="percent" step={1} {...number('gradePercent')} />
      <ChoiceGroup
        label="Sun"
        value={effort.sun ?? start.sun ?? 'full'}
        isDefault={effort.sun === undefined}
        onChange={(sun) => onChange({ ...effort, sun: sun as Effort['sun'] })}
        choices={body.suns}
      />
      <SelectEntry
        label="Terrain"
        value={effort.terrain ?? start.terrain ?? 'goodPath'}
        isDefault={effort.terrain === undefined}
        onChange={(terrain) => onChange({ ...effort, terrain: terrain as Effort['terrain'] })}
        choices={body.terrains}
      />
      <NumberEntry label="Height" quantity="elevation" step={100} {...number('elevationM')} />
      <NumberEntry
        label="Wind"
        quantity="wind"
        step={1}
        {...number('windMs')}
        isDefault={false}
        unknown="Not known: none counted"
      />
      <SwitchEntry
        label="Run, not walked"
        checked={effort.running ?? false}
        onChange={(running) => onChange({ ...effort, running })}
      />
    </Box>
  );
}

import { Button, Stack, TextField, Typography } from '@mui/material';
import { useCatalogue } from '../../store/CatalogueContext';
import type { Schema } from '../../core/contract';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import { TextEntry } from '../../shared/TextEntry';
import { SwitchEntry } from '../../shared/SwitchEntry';
import { asEntered, type Entry } from '../../shared/entered';

type Label = Schema<'CopiedLabel'>;
type Errors = (field: string) => string | undefined;

interface Props {
  label: Label | null;
  onChange: (label: Label | null) => void;
  errors: Errors;
  /** "Tablets" or "Drops". */
  unit: string;
  /** The template written out: what the form starts from. */
  template: Label | null;
}

const classes = [
  ['bacteria', 'Wait for bacteria'],
  ['viruses', 'Wait for viruses'],
  ['giardia', 'Wait for Giardia'],
  ['cryptosporidium', 'Wait for Cryptosporidium'],
] as const;

/** The pack's own label, copied in its own units: from then on it is the product in every room. */
export function LabelCopy({ label, onChange, errors, unit, template }: Props) {
  const { lists } = useCatalogue();
  if (label === null) {
    return (
      <Button variant="outlined" onClick={() => onChange(template ?? { amount: 1, water: 1 })}>
        Copy the label
      </Button>
    );
  }
  const set = (part: Partial<Label>) => onChange({ ...label, ...part });
  const field = (path: string, value: number | null | undefined, change: (v: number | null) => void) => ({
    value: value ?? null,
    onChange: (entry: Entry) => change(asEntered(entry)),
    error: errors(`product.label.${path}`),
  });
  return (
    <Stack spacing={2} role="group" aria-label="The label">
      <Typography variant="h3">The label, in its own units</Typography>
      <NumberEntry
        label={`${unit} on the label`}
        quantity="plain"
        step={1}
        {...field('amount', label.amount, (amount) => set({ amount }))}
      />
      <NumberEntry
        label="For so much water"
        quantity="plain"
        step={1}
        {...field('water', label.water, (water) => set({ water }))}
      />
      <ChoiceGroup
        label="Unit of the water"
        choices={lists.labelUnits}
        value={label.unit ?? 'litre'}
        onChange={(next) => set({ unit: next as Label['unit'] })}
      />
      <TextEntry
        label="Strength, as it says"
        value={label.strength ?? ''}
        onChange={(strength) => set({ strength: strength === '' ? null : strength })}
        error={errors('product.label.strength')}
      />
      <NumberEntry
        label="mg/L it gives"
        quantity="plain"
        step={0.5}
        unknown="Not on the label"
        {...field('mgPerL', label.mgPerL, (mgPerL) => set({ mgPerL }))}
      />
      {classes.map(([name, title]) => (
        <NumberEntry
          key={name}
          label={title}
          quantity="duration"
          step={5}
          unknown="Not claimed"
          {...field(`waits.${name}`, label.waits?.[name], (v) =>
            set({ waits: { ...label.waits, [name]: v } }),
          )}
        />
      ))}
      {errors('product.label.waits') && (
        <Typography color="error">{errors('product.label.waits')}</Typography>
      )}
      <NumberEntry
        label="Cold means below"
        quantity="temperature"
        step={1}
        unknown="As usual"
        {...field('cold.belowC', label.cold?.belowC, (belowC) => set({ cold: { ...label.cold, belowC } }))}
      />
      <NumberEntry
        label="In the cold, times the wait"
        quantity="plain"
        step={1}
        unknown="No cold rule"
        {...field('cold.times', label.cold?.times, (times) => set({ cold: { ...label.cold, times } }))}
      />
      <NumberEntry
        label="In the cold, so much longer"
        quantity="duration"
        step={5}
        unknown="No longer"
        {...field('cold.plusMinutes', label.cold?.plusMinutes, (plusMinutes) =>
          set({ cold: { ...label.cold, plusMinutes } }),
        )}
      />
      <NumberEntry
        label="When cloudy, times the dose"
        quantity="plain"
        step={1}
        unknown="No cloudy rule"
        {...field('cloudy.doseTimes', label.cloudy?.doseTimes, (doseTimes) =>
          set({ cloudy: { ...label.cloudy, doseTimes } }),
        )}
      />
      <NumberEntry
        label="When cloudy, times the wait"
        quantity="plain"
        step={1}
        unknown="No cloudy rule"
        {...field('cloudy.waitTimes', label.cloudy?.waitTimes, (waitTimes) =>
          set({ cloudy: { ...label.cloudy, waitTimes } }),
        )}
      />
      <NumberEntry
        label="Dissolve or shake"
        quantity="duration"
        step={1}
        unknown="Not on the label"
        {...field('dissolveMinutes', label.dissolveMinutes, (dissolveMinutes) => set({ dissolveMinutes }))}
      />
      <NumberEntry
        label="Mixed parts stand"
        quantity="duration"
        step={1}
        unknown="Not on the label"
        {...field('mixMinutes', label.mixMinutes, (mixMinutes) => set({ mixMinutes }))}
      />
      {unit === 'Tablets' && (
        <SwitchEntry
          label="The label allows half tablets"
          checked={label.maySplit === true}
          onChange={(checked) => set({ maySplit: checked })}
        />
      )}
      <LinesEntry
        title="Its own steps, a line each"
        lines={label.steps}
        onChange={(steps) => set({ steps })}
        error={errors('product.label.steps')}
      />
      <LinesEntry
        title="Its warnings, a line each"
        lines={label.warnings}
        onChange={(warnings) => set({ warnings })}
      />
      <Button onClick={() => onChange(null)}>Leave the label out</Button>
    </Stack>
  );
}

/** Lines of text to type, one below the other. */
function LinesEntry({
  title,
  lines,
  onChange,
  error,
}: {
  title: string;
  lines: string[] | null | undefined;
  onChange: (lines: string[] | null) => void;
  error?: string;
}) {
  return (
    <TextField
      label={title}
      multiline
      minRows={2}
      value={(lines ?? []).join('\n')}
      onChange={(e) => onChange(e.target.value === '' ? null : e.target.value.split('\n'))}
      error={error !== undefined}
      helperText={error}
    />
  );
}

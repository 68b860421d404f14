import { Button, Stack, Typography } from '@mui/material';
import { useCatalogue } from '../../core/CatalogueContext';
import type { Schema } from '../../core/contract';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import { asNumber } from './ItemFields';

type Label = Schema<'CopiedLabel'>;

interface Props {
  label: Label | null;
  onChange: (label: Label | null) => void;
  errors: (field: string) => string | undefined;
  /** "Tablets" or "Drops". */
  unit: string;
}

/** The pack's own dose, copied word for word in its own units. */
export function LabelCopy({ label, onChange, errors, unit }: Props) {
  const { lists } = useCatalogue();
  if (label === null) {
    return (
      <Button
        variant="outlined"
        onClick={() => onChange({ amount: 1, water: 1, unit: 'litre', waitMinutes: 30 })}
      >
        Copy the label
      </Button>
    );
  }
  const set = (part: Partial<Label>) => onChange({ ...label, ...part });
  return (
    <Stack spacing={2} role="group" aria-label="The label">
      <Typography variant="h3">The label, in its own units</Typography>
      <NumberEntry
        label={`${unit} on the label`}
        quantity="plain"
        step={1}
        value={label.amount}
        onChange={(v) => set({ amount: asNumber(v) })}
        error={errors('product.label.amount')}
      />
      <NumberEntry
        label="For so much water"
        quantity="plain"
        step={1}
        value={label.water}
        onChange={(v) => set({ water: asNumber(v) })}
        error={errors('product.label.water')}
      />
      <ChoiceGroup
        label="Unit of the water"
        choices={lists.labelUnits}
        value={label.unit ?? 'litre'}
        onChange={(next) => set({ unit: next as Label['unit'] })}
      />
      <NumberEntry
        label="Wait on the label"
        quantity="duration"
        step={5}
        value={label.waitMinutes ?? null}
        onChange={(v) => set({ waitMinutes: asNumber(v) })}
        error={errors('product.label.waitMinutes')}
        unknown="Not on the label"
      />
      <Button onClick={() => onChange(null)}>Leave the label out</Button>
    </Stack>
  );
}

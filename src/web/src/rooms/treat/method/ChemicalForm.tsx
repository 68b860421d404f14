import { Box } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import { Section } from '../../../shared/Section';
import type { Draft } from '../draft';
import type { FieldErrors } from '../fieldErrors';
import type { DraftStore } from '../useDraft';
import { SwitchEntry } from '../../../shared/SwitchEntry';

/** What a chemical needs to be told besides the water. */
export function ChemicalForm({
  form: { draft, set, isDefault },
  errors,
  profileId,
  ofKit,
}: {
  form: DraftStore;
  errors: FieldErrors;
  profileId: string;
  /** Whether date, strength and dropper are the kit's. */
  ofKit: boolean;
}) {
  const catalogue = useCatalogue();
  const method = catalogue.methods.find((m) => m.id === profileId);
  if (!method) return null;
  return (
    <Section title="The product">
      {method.asksDate && !ofKit && (
        <ChoiceGroup
          label="Date on the pack"
          choices={catalogue.dates}
          value={draft.date}
          isDefault={isDefault('date')}
          onChange={(date) => set({ date: date as Draft['date'] })}
        />
      )}
      {method.asksBleach && !ofKit && (
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <NumberEntry
            label="Bleach strength"
            quantity="percent"
            step={0.25}
            value={draft.bleachStrengthPercent}
            isDefault={isDefault('bleachStrengthPercent')}
            onChange={(bleachStrengthPercent) => set({ bleachStrengthPercent })}
            error={errors('chemical.bleachStrengthPercent')}
            unknown="Not known"
          />
          <NumberEntry
            label="Months since the pack date"
            quantity="months"
            step={1}
            value={draft.bleachAgeMonths}
            onChange={(bleachAgeMonths) => set({ bleachAgeMonths })}
            error={errors('chemical.bleachAgeMonths')}
            unknown="Not known"
          />
        </Box>
      )}
      {method.asksDrops && !ofKit && (
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <NumberEntry
            label="Drops counted"
            quantity="plain"
            step={1}
            value={draft.drops}
            onChange={(drops) => set({ drops })}
            error={errors('chemical.dropCount.drops')}
            unknown="Not counted"
            hint="Count drops into a measure to know your dropper."
          />
          <NumberEntry
            label="Counted into"
            quantity="smallVolume"
            step={1}
            value={draft.dropsMl}
            isDefault={isDefault('dropsMl')}
            onChange={(dropsMl) => set({ dropsMl })}
            error={errors('chemical.dropCount.millilitres')}
          />
        </Box>
      )}
      <ChoiceGroup
        label="While it works, the bottle stands in"
        choices={catalogue.lights}
        value={draft.light}
        isDefault={isDefault('light')}
        onChange={(light) => set({ light: light as Draft['light'] })}
      />
      {method.active === 'chlorineDioxide' && (
        <SwitchEntry
          label="Take the short wait, which leaves Cryptosporidium out"
          checked={draft.withoutCryptosporidium}
          onChange={(checked) => set({ withoutCryptosporidium: checked })}
        />
      )}
      {method.asksPH && (
        <NumberEntry
          label="pH of the water"
          quantity="plain"
          step={0.5}
          value={draft.ph}
          onChange={(ph) => set({ ph })}
          error={errors('chemical.ph')}
          unknown="Not known"
        />
      )}
    </Section>
  );
}

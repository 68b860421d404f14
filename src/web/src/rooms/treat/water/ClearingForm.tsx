import { Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { TreatResponse } from '../../../core/contract';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import { Section } from '../../../shared/Section';
import type { Draft } from '../draft';
import type { FieldErrors } from '../fieldErrors';
import type { DraftStore } from '../useDraft';

const quickest = 'quickest';

interface Props {
  form: DraftStore;
  errors: FieldErrors;
  clearing: TreatResponse['clearing'];
}

/** What clouds the water and how the clear part is got off it. */
export function ClearingForm({ form: { draft, set, isDefault }, errors, clearing }: Props) {
  const { lists } = useCatalogue();
  return (
    <Section title="Clear it first">
      {clearing && <Typography sx={{ fontWeight: 650 }}>{clearing.words}</Typography>}
      <ChoiceGroup
        label="Clear it by"
        choices={[{ id: quickest, name: 'The quickest' }, ...lists.clearingWays]}
        value={draft.clearingWay ?? quickest}
        onChange={(way) => set({ clearingWay: way === quickest ? null : (way as Draft['clearingWay']) })}
      />
      <ChoiceGroup
        label="What clouds it"
        choices={lists.grits}
        value={draft.grit}
        isDefault={isDefault('grit')}
        onChange={(grit) => set({ grit: grit as Draft['grit'] })}
      />
      <NumberEntry
        label="Depth of the standing water"
        quantity="length"
        step={1}
        value={draft.depthCm}
        isDefault={isDefault('depthCm')}
        onChange={(depthCm) => set({ depthCm })}
        error={errors('container.depthCm')}
        unknown="Not known"
      />
      {draft.clarity === 'slurry' && (
        <NumberEntry
          label="Depth of the sludge, once settled"
          quantity="length"
          step={1}
          value={draft.sludgeCm}
          onChange={(sludgeCm) => set({ sludgeCm })}
          error={errors('clearing.sludgeCm')}
          unknown="Not read off yet"
        />
      )}
      <ChoiceGroup
        label="Draw the clear water off by"
        choices={lists.drawOffs}
        value={draft.drawOff}
        isDefault={isDefault('drawOff')}
        onChange={(drawOff) => set({ drawOff: drawOff as Draft['drawOff'] })}
      />
    </Section>
  );
}

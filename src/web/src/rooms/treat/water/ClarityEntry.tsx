import { useCatalogue } from '../../../store/CatalogueContext';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import type { ClarityBy, Draft } from '../draft';
import type { FieldErrors } from '../fieldErrors';
import type { DraftStore } from '../useDraft';

const ways = [
  { id: 'class', name: 'By eye' },
  { id: 'depth', name: 'By a mark’s depth' },
  { id: 'probe', name: 'By probe' },
];

/** Clarity by class, by the depth at which a mark vanishes, or by a probe's reading. */
export function ClarityEntry({
  form: { draft, set, isDefault },
  errors,
}: {
  form: DraftStore;
  errors: FieldErrors;
}) {
  const catalogue = useCatalogue();
  return (
    <>
      <ChoiceGroup
        label="Judge clarity"
        choices={ways}
        value={draft.clarityBy}
        onChange={(by) => set({ clarityBy: by as ClarityBy })}
      />
      {draft.clarityBy === 'class' && (
        <ChoiceGroup
          label="Clarity"
          choices={catalogue.clarities}
          value={draft.clarity}
          isDefault={isDefault('clarity')}
          onChange={(clarity) => set({ clarity: clarity as Draft['clarity'] })}
          error={errors('water.clarity')}
        />
      )}
      {draft.clarityBy === 'depth' && (
        <NumberEntry
          label="A dark mark vanishes at"
          quantity="length"
          step={1}
          value={draft.vanishingDepthCm}
          isDefault={isDefault('vanishingDepthCm')}
          onChange={(vanishingDepthCm) => set({ vanishingDepthCm })}
          error={errors('water.vanishingDepthCm')}
          unknown="Not known"
          hint="Look straight down; measure the water over the mark."
        />
      )}
      {draft.clarityBy === 'probe' && (
        <NumberEntry
          label="Turbidity"
          quantity="turbidity"
          step={1}
          value={draft.turbidityNtu}
          onChange={(turbidityNtu) => set({ turbidityNtu })}
          error={errors('water.turbidityNtu')}
          unknown="Not known"
        />
      )}
    </>
  );
}

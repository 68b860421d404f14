import { useCatalogue } from '../../../store/CatalogueContext';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import type { Draft } from '../draft';
import type { FieldErrors } from '../fieldErrors';
import type { DraftStore } from '../useDraft';
import { SwitchEntry } from '../../../shared/SwitchEntry';

/** Snow or ice: what it is and how cold. */
export function SnowForm({
  form: { draft, set, isDefault },
  errors,
}: {
  form: DraftStore;
  errors: FieldErrors;
}) {
  const { lists } = useCatalogue();
  return (
    <>
      <ChoiceGroup
        label="Snow or ice"
        choices={lists.snowKinds}
        value={draft.snowKind}
        isDefault={isDefault('snowKind')}
        onChange={(snowKind) => set({ snowKind: snowKind as Draft['snowKind'] })}
      />
      <NumberEntry
        label="Snow temperature"
        quantity="temperature"
        step={1}
        value={draft.snowTemperatureC}
        isDefault={isDefault('snowTemperatureC')}
        onChange={(snowTemperatureC) => set({ snowTemperatureC })}
        error={errors('snow.temperatureC')}
        unknown="Not known"
      />
      <NumberEntry
        label="The melt, as measured"
        quantity="temperature"
        step={1}
        value={draft.meltC}
        onChange={(meltC) => set({ meltC })}
        error={errors('water.temperatureC')}
        unknown="Not measured: ice-cold"
      />
    </>
  );
}

/** The school that drinks fresh clean snow, rain off a clean sheet or clean distillate as it is. */
export function AcceptUntreated({ form: { draft, set } }: { form: DraftStore }) {
  return (
    <SwitchEntry
      label="Fresh and clean: offer it untreated, by my own choice"
      checked={draft.acceptUntreated}
      onChange={(checked) => set({ acceptUntreated: checked, method: checked ? draft.method : null })}
    />
  );
}

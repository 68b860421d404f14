import { useCatalogue } from '../../../store/CatalogueContext';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import { SelectEntry } from '../../../shared/SelectEntry';
import { Section } from '../../../shared/Section';
import { show } from '../../../shared/units';
import type { Kept } from '../../../store/records';
import { BurnerWeighing } from './BurnerWeighing';
import type { Draft } from '../draft';
import type { FieldErrors } from '../fieldErrors';
import type { DraftStore } from '../useDraft';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import { ofItemKind } from '../../../store/kitItems';

const noPot = 'none';

interface Props {
  form: DraftStore;
  kit: Kept<'kit-item'>[];
  errors: FieldErrors;
  /** Whether the burner is chosen here; otherwise it is the kit's. */
  asksBurner: boolean;
}

/** What boiling needs to be told besides the water. */
export function BoilForm({ form, kit, errors, asksBurner }: Props) {
  const { draft, set, isDefault } = form;
  const catalogue = useCatalogue();
  const pots = ofItemKind(kit, 'pot');
  return (
    <Section title="Stove and pot">
      {asksBurner && (
        <SelectEntry
          label="Burner"
          choices={catalogue.burners}
          value={draft.burnerId}
          isDefault={isDefault('burnerId')}
          onChange={(burnerId) => set({ burnerId })}
        />
      )}
      <ChoiceGroup
        label="Pot"
        value={draft.potId ?? noPot}
        isDefault={isDefault('potId')}
        onChange={(id) => set({ potId: id === noPot ? null : id })}
        choices={[
          ...pots.map(({ id, body }) => ({
            id,
            name: `${body.name} · ${show(catalogue, 'volume', body.volumeL ?? 0)}`,
          })),
          { id: noPot, name: 'Not named' },
        ]}
      />
      <SwitchEntry
        label="Lid on, flame turned down while it boils"
        checked={draft.lidOn}
        onChange={(checked) => set({ lidOn: checked })}
      />
      {draft.school === 'longBoil' && (
        <NumberEntry
          label="Minutes of the long boil"
          quantity="duration"
          step={1}
          value={draft.longMinutes}
          isDefault={isDefault('longMinutes')}
          onChange={(longMinutes) => set({ longMinutes })}
          error={errors('boil.longMinutes')}
        />
      )}
      {draft.school === 'pasteurise' && (
        <>
          <SwitchEntry
            label="A thermometer stands in the water"
            checked={draft.thermometer}
            onChange={(checked) => set({ thermometer: checked })}
          />
          <NumberEntry
            label="Held at"
            quantity="temperature"
            step={5}
            value={draft.heldC}
            onChange={(heldC) => set({ heldC })}
            error={errors('boil.heldC')}
            unknown={`Not told: ${show(catalogue, 'temperature', catalogue.defaults.heldC)}`}
          />
        </>
      )}
      <ChoiceGroup
        label="Where it cools"
        choices={catalogue.coolingPlaces}
        value={draft.cooling}
        isDefault={isDefault('cooling')}
        onChange={(cooling) => set({ cooling: cooling as Draft['cooling'] })}
      />
      <BurnerWeighing form={form} errors={errors} />
    </Section>
  );
}

import { Box, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import { SelectEntry } from '../../../shared/SelectEntry';
import { Section } from '../../../shared/Section';
import { show } from '../../../shared/units';
import { useInHand } from '../../../store/InHandContext';
import type { Kept } from '../../../store/records';
import type { Draft } from '../draft';
import type { FieldErrors } from '../fieldErrors';
import { isSnow } from '../toRequest';
import { chooseContainer } from '../hand/chooseContainer';
import type { DraftStore } from '../useDraft';
import { ClarityEntry } from './ClarityEntry';
import { ProbePanel } from './ProbePanel';
import { AcceptUntreated, SnowForm } from './SnowForm';
import { ofItemKind } from '../../../store/kitItems';

const otherContainer = 'other';

interface Props {
  form: DraftStore;
  kit: Kept<'kit-item'>[];
  errors: FieldErrors;
  /** What the water is called, for the probe. */
  place: string;
}

/** What is in front of the person: container, litres, clarity, colour, temperature, elevation. */
export function WaterForm({ form, kit, errors, place }: Props) {
  const { draft, set, isDefault } = form;
  const catalogue = useCatalogue();
  const inHand = useInHand();
  const containers = ofItemKind(kit, 'container');
  const snow = isSnow(draft);
  const held = inHand?.containers.find(({ id }) => id === draft.containerId);

  const choose = (id: string) => set(chooseContainer(id === otherContainer ? null : id, kit, inHand, draft));

  return (
    <Section title="The water">
      <SelectEntry
        label="Container"
        value={draft.containerId ?? otherContainer}
        isDefault={isDefault('containerId')}
        onChange={choose}
        choices={[
          ...containers.map(({ id, body }) => ({
            id,
            name: `${body.name} · ${show(catalogue, 'volume', body.volumeL ?? 0)}`,
          })),
          { id: otherContainer, name: 'Another container' },
        ]}
      />
      {held && <Typography color="text.secondary">It is {held.words} now.</Typography>}
      <NumberEntry
        label={snow ? 'Water wanted' : 'Water in it'}
        quantity="volume"
        step={0.25}
        value={draft.volumeL}
        isDefault={isDefault('volumeL')}
        onChange={(volumeL) => set({ volumeL })}
        error={errors('water.volumeL')}
      />
      {snow && <SnowForm form={form} errors={errors} />}
      {catalogue.lists.untreatedKinds.includes(draft.sourceKind) && <AcceptUntreated form={form} />}
      <ClarityEntry form={form} errors={errors} />
      <ChoiceGroup
        label="Colour"
        choices={catalogue.colours}
        value={draft.colour}
        isDefault={isDefault('colour')}
        onChange={(colour) => set({ colour: colour as Draft['colour'] })}
        error={errors('water.colour')}
      />
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        {!snow && (
          <NumberEntry
            label="Water temperature"
            quantity="temperature"
            step={1}
            value={draft.temperatureC}
            isDefault={isDefault('temperatureC')}
            onChange={(temperatureC) => set({ temperatureC })}
            error={errors('water.temperatureC')}
            unknown="Not known"
          />
        )}
        <NumberEntry
          label="Elevation"
          quantity="elevation"
          step={100}
          value={draft.elevationM}
          isDefault={isDefault('elevationM')}
          onChange={(elevationM) => set({ elevationM })}
          error={errors('water.elevationM')}
          unknown="Not known"
        />
      </Box>
      {!snow && <ProbePanel form={form} water={place} />}
    </Section>
  );
}

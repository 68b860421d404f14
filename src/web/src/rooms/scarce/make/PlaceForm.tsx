import { Box } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Problem, Schema } from '../../../core/contract';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { fieldMessage } from '../../../shared/fieldMessage';
import { NumberEntry } from '../../../shared/NumberEntry';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import { TickGroup } from '../../../shared/TickGroup';
import { noBurner, type Draft } from '../draft';
import { useScarce } from '../ScarceContext';
import type { Entry } from '../../../shared/entered';

/** The place, its weather, and what there is to work with. */
export function PlaceForm({ problem }: { problem: Problem | null }) {
  const { lists, burners, body } = useCatalogue();
  const { draft, set, isDefault } = useScarce();
  const entry = (field: keyof Draft, path: string = field) => ({
    value: draft[field] as Entry,
    isDefault: isDefault(field),
    onChange: (value: Entry) => set({ [field]: value }),
    error: fieldMessage(problem, path),
  });
  const pairs = { display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } };
  return (
    <>
      <Section title="The place">
        <TickGroup
          title="What is here"
          choices={lists.scarce.features}
          ticked={draft.features}
          onChange={(features) => set({ features })}
        />
        {draft.features.includes('besideWater') && (
          <ChoiceGroup
            label="What you would dig in"
            choices={lists.scarce.soils}
            value={draft.soil}
            isDefault={isDefault('soil')}
            onChange={(soil) => set({ soil: soil as Draft['soil'] })}
          />
        )}
        {draft.features.includes('snow') && (
          <Box sx={pairs}>
            <SelectEntry
              label="Kind of snow"
              choices={lists.snowKinds}
              value={draft.snowKind}
              isDefault={isDefault('snowKind')}
              onChange={(snowKind) => set({ snowKind: snowKind as Draft['snowKind'] })}
            />
            <NumberEntry
              label="Snow temperature"
              quantity="temperature"
              step={1}
              {...entry('snowC', 'snow.temperatureC')}
              isDefault={false}
              unknown="Not known"
            />
          </Box>
        )}
        <ChoiceGroup
          label="Sun"
          choices={body.suns}
          value={draft.sun ?? ''}
          onChange={(sun) => set({ sun: sun as Draft['sun'] })}
        />
        <Box sx={pairs}>
          <NumberEntry
            label="Air temperature"
            quantity="temperature"
            step={1}
            {...entry('air', 'airTemperatureC')}
          />
          <NumberEntry
            label="Humidity"
            quantity="percent"
            step={5}
            {...entry('humidity', 'humidityPercent')}
          />
          <NumberEntry label="Rain to come, mm" quantity="plain" step={1} {...entry('rainMm')} />
          <SelectEntry
            label="Season"
            choices={lists.scarce.seasons}
            value={draft.season}
            isDefault={isDefault('season')}
            onChange={(season) => set({ season: season as Draft['season'] })}
          />
        </Box>
      </Section>
      <Section title="What there is to work with">
        <Box sx={pairs}>
          <NumberEntry label="Clean sheet, m²" quantity="plain" step={1} {...entry('sheetM2')} />
          <NumberEntry label="Clear bags" quantity="plain" step={1} {...entry('bags')} />
          <SelectEntry
            label="Burner"
            choices={[{ id: noBurner, name: 'None' }, ...burners] as Schema<'Choice'>[]}
            value={draft.burner}
            isDefault={isDefault('burner')}
            onChange={(burner) => set({ burner })}
          />
          {draft.burner !== noBurner && (
            <NumberEntry
              label="Fuel left"
              quantity="fuelMass"
              step={10}
              {...entry('fuelG')}
              isDefault={false}
              unknown="Not weighed"
            />
          )}
          {draft.burner !== noBurner && (
            <>
              <NumberEntry
                label="Water before it is heated"
                quantity="temperature"
                step={1}
                {...entry('waterC', 'waterTemperatureC')}
                isDefault={false}
                unknown="Not measured"
              />
              <NumberEntry
                label="Height above the sea"
                quantity="elevation"
                step={50}
                {...entry('elevationM')}
                isDefault={false}
                unknown="Not known: the sea"
              />
            </>
          )}
          <NumberEntry label="Hours for it" quantity="plain" step={0.5} {...entry('hours')} />
          <NumberEntry
            label="Needed a day"
            quantity="volume"
            step={0.5}
            {...entry('needLPerDay')}
            isDefault={false}
            unknown="Not said"
          />
        </Box>
      </Section>
    </>
  );
}

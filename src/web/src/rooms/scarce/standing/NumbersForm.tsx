import { Box, Checkbox, FormControlLabel } from '@mui/material';
import { useState } from 'react';
import { useCatalogue } from '../../../store/CatalogueContext';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { fieldMessage } from '../../../shared/fieldMessage';
import { NumberEntry } from '../../../shared/NumberEntry';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import { clockTime } from '../../../shared/time';
import { show } from '../../../shared/units';
import { EffortForm } from '../../body/EffortForm';
import type { Draft } from '../draft';
import { useScarce } from '../ScarceContext';
import type { Entry } from '../../../shared/entered';

const typedIn = 'typed';

/** The numbers that decide: three are enough. */
export function NumbersForm() {
  const catalogue = useCatalogue();
  const { draft, set, isDefault, routes, walkers, standing, place } = useScarce();
  const [weather, setWeather] = useState(false);
  const { problem, response } = standing;
  const entry = (field: keyof Draft, path: string = field) => ({
    value: draft[field] as Entry,
    isDefault: isDefault(field),
    onChange: (value: Entry) => set({ [field]: value }),
    error: fieldMessage(problem, path),
  });
  return (
    <Section title="What there is">
      <NumberEntry label="Water in hand" quantity="volume" step={0.25} {...entry('inHandL')} />
      <NumberEntry
        label="Need for an hour, everyone together"
        quantity="volume"
        step={0.1}
        {...entry('needLPerH')}
        isDefault={false}
        unknown="Not known: reckon it from who walks and the weather"
        hint={
          draft.needLPerH === null && response
            ? `Reckoned: ${show(catalogue, 'volume', response.needLPerH)} an hour for ${walkers.length === 0 ? 'one walker' : `${walkers.length} ${walkers.length === 1 ? 'walker' : 'walkers'}`}`
            : undefined
        }
      />
      {routes.length > 0 && (
        <SelectEntry
          label="Water ahead and behind"
          value={draft.routeId ?? typedIn}
          isDefault={isDefault('routeId')}
          onChange={(id) => set({ routeId: id === typedIn ? null : id })}
          choices={[
            ...routes.map(({ id, body }) => ({ id, name: `From the trip: ${body.name ?? 'unnamed'}` })),
            { id: typedIn, name: 'Typed in here' },
          ]}
        />
      )}
      {draft.routeId !== null ? (
        <NumberEntry
          label="You are at, along the trip"
          quantity="distance"
          step={0.5}
          {...entry('alongKm')}
          hint={place ? `As of ${clockTime(place.at)}: ${place.by}` : undefined}
        />
      ) : (
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
          <NumberEntry
            label="Next water, ahead"
            quantity="distance"
            step={0.5}
            {...entry('nextKm', 'sources.distanceKm')}
            unknown="None known"
          />
          <NumberEntry
            label="Chance that it runs"
            quantity="share"
            step={10}
            {...entry('nextChance', 'sources.chance')}
            isDefault={false}
            unknown="Not known: like a coin"
          />
          <NumberEntry
            label="Last water, behind"
            quantity="distance"
            step={0.5}
            {...entry('lastKm')}
            isDefault={false}
            unknown="None known"
          />
          {draft.lastKm !== null && (
            <NumberEntry
              label="Chance that it still runs"
              quantity="share"
              step={10}
              {...entry('lastChance')}
              isDefault={false}
              unknown="Not known: like a coin"
            />
          )}
        </Box>
      )}
      <NumberEntry
        label="Hours until help could be here"
        quantity="plain"
        step={1}
        {...entry('helpHours')}
        isDefault={false}
        unknown="Not known"
      />
      <FormControlLabel
        sx={{ minHeight: 48 }}
        control={<Checkbox checked={draft.noHelp} onChange={(e) => set({ noHelp: e.target.checked })} />}
        label="No help is coming that we know of"
      />
      <ChoiceGroup
        label="How the body shows it"
        value={draft.signs}
        isDefault={isDefault('signs')}
        onChange={(signs) => set({ signs: signs as Draft['signs'] })}
        choices={catalogue.lists.scarce.signs}
      />
      <FormControlLabel
        sx={{ minHeight: 48 }}
        control={<Checkbox checked={weather} onChange={(e) => setWeather(e.target.checked)} />}
        label="Weather, pace and number of people"
      />
      {weather && (
        <>
          <NumberEntry
            label="People"
            quantity="plain"
            step={1}
            {...entry('people')}
            isDefault={false}
            unknown="As many as walk"
          />
          <EffortForm
            effort={draft.effort}
            onChange={(effort) => set({ effort })}
            errors={(field) => fieldMessage(problem, field)}
          />
        </>
      )}
    </Section>
  );
}

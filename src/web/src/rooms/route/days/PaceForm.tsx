import { Box, Button, Typography } from '@mui/material';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import { Section } from '../../../shared/Section';
import { show } from '../../../shared/units';
import { SelectEntry } from '../../../shared/SelectEntry';
import { useTrip } from '../TripContext';
import { asEntered, type Entry } from '../../../shared/entered';

/** How the plan reckons: time, sweat, reserve, what a minute is worth, and the ground underfoot. */
export function PaceForm() {
  const catalogue = useCatalogue();
  const { route: choices, body } = catalogue;
  const { route, change, plan } = useTrip();
  const errors = (field: string) => plan.problem?.errors.find((e) => e.field === field)?.message;
  const number = (
    key: 'pace' | 'breakShare' | 'reserveL' | 'replaceShare' | 'kgKmPerMinute' | 'debtShare' | 'startL',
    start: number | null,
  ) => ({
    value: route[key] ?? start,
    isDefault: route[key] == null && start !== null,
    onChange: (value: Entry) => change({ [key]: asEntered(value) }),
    error: errors(key),
  });
  const terrain = route.terrain?.length ? route.terrain : [{ fromKm: 0, terrain: 'goodPath' as const }];
  return (
    <Section title="Pace, ground and reserve">
      <ChoiceGroup
        label="Walking time by"
        value={route.school ?? 'tobler'}
        isDefault={route.school == null}
        onChange={(school) => change({ school: school as Schema<'TripRoute'>['school'] })}
        choices={choices.walkSchools.map((s) => ({ id: s.id, name: s.name, hint: s.hint }))}
      />
      <ChoiceGroup
        label="Sweat by"
        value={route.sweat ?? 'gonzalez2009'}
        isDefault={route.sweat == null}
        onChange={(sweat) => change({ sweat: sweat as Schema<'TripRoute'>['sweat'] })}
        choices={choices.sweatSchools.map((s) => ({ id: s.id, name: s.name, hint: s.hint }))}
      />
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <NumberEntry
          label="Pace factor"
          quantity="plain"
          step={0.05}
          hint="More is slower."
          {...number('pace', 1)}
        />
        <NumberEntry label="Breaks" quantity="share" step={5} {...number('breakShare', choices.breakShare)} />
        <NumberEntry
          label="Drunk while walking"
          quantity="share"
          step={5}
          hint="Share of the loss; the rest at camp."
          {...number('replaceShare', choices.replaceShare)}
        />
        <NumberEntry
          label="A minute stopped is worth"
          quantity="burden"
          step={0.05}
          {...number('kgKmPerMinute', choices.kgKmPerMinute)}
        />
        <NumberEntry
          label="May be owed, of body mass"
          quantity="share"
          step={0.5}
          hint="Beyond it a walk counts as run short; 0 counts the last drop."
          {...number('debtShare', choices.debtShare)}
        />
      </Box>
      <NumberEntry
        label="Reserve in hand on every arrival"
        quantity="volume"
        step={0.25}
        unknown={`Reckon it: ${show(catalogue, 'volume', choices.reserveLPerWalker)} each`}
        {...number('reserveL', null)}
      />
      <NumberEntry
        label="In hand at the start"
        quantity="volume"
        step={0.5}
        unknown="There is water at the start: fill up there"
        {...number('startL', null)}
      />
      <Typography variant="h3">Ground underfoot</Typography>
      {terrain.map((span, i) => {
        const part = (next: Partial<Schema<'TerrainSpan'>>) =>
          change({ terrain: terrain.map((s, j) => (j === i ? { ...s, ...next } : s)) });
        return (
          <Box key={i} sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
            <NumberEntry
              label="From"
              quantity="distance"
              step={0.5}
              value={span.fromKm ?? 0}
              onChange={(v: Entry) => part({ fromKm: asEntered(v) })}
            />
            <SelectEntry
              label="Ground"
              value={span.terrain ?? 'goodPath'}
              onChange={(t) => part({ terrain: t as Schema<'TerrainSpan'>['terrain'] })}
              choices={body.terrains}
            />
          </Box>
        );
      })}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          variant="outlined"
          onClick={() => change({ terrain: [...terrain, { fromKm: route.lengthKm ?? 0, terrain: 'rough' }] })}
        >
          Add a change of ground
        </Button>
        {terrain.length > 1 && (
          <Button onClick={() => change({ terrain: terrain.slice(0, -1) })}>Take the last one out</Button>
        )}
      </Box>
    </Section>
  );
}

import { Box, TextField, Typography } from '@mui/material';
import { useCatalogue } from '../../../core/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry, type Entry } from '../../../shared/NumberEntry';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import { TextEntry } from '../../../shared/TextEntry';
import { wholePercent } from '../../../shared/units';
import type { Kept } from '../../../store/records';
import { useEdited } from '../../../store/useEdited';
import { useTrip } from '../TripContext';
import { SwitchEntry } from '../../../shared/SwitchEntry';

type Source = Schema<'TripSource'>;
type NumberKey =
  | 'alongKm'
  | 'chance'
  | 'detourMinutes'
  | 'litresPerMinute'
  | 'waitMinutes'
  | 'handsOnMinutesPerL'
  | 'drinkL'
  | 'cacheL'
  | 'temperatureC';

interface Props {
  record: Kept<'trip-source'>;
  stop: Schema<'PlanStop'> | null;
}

/** One water: kept as it is typed, and the plan follows. */
export function SourceEditor({ record, stop }: Props) {
  const { route: choices, clarities, colours } = useCatalogue();
  const { plan } = useTrip();
  const [source, change] = useEdited('trip-source', record);
  const set = (part: Partial<Source>) => change({ ...source, ...part });
  const errors = (field: string) => plan.problem?.errors.find((e) => e.field === field)?.message;
  const number = (key: NumberKey, start?: number) => ({
    value: source[key] ?? start ?? null,
    isDefault: start !== undefined && (source[key] === undefined || source[key] === null),
    onChange: (value: Entry) => set({ [key]: value as number | null }),
    error: errors(key),
  });
  const report = source.reportedAt == null ? 'none' : source.reportedFlowing ? 'flowing' : 'dry';
  const today = new Date().toISOString();
  const toggle = (key: 'doNotUse' | 'onlyIfNeeded' | 'treatLater', label: string) => (
    <SwitchEntry
      label={label}
      checked={source[key] === true}
      onChange={(checked) => set({ [key]: checked })}
    />
  );

  return (
    <Section title={source.name ?? ''}>
      <Typography sx={{ fontWeight: 700, fontSize: '1.1875rem' }}>
        {stop?.chance != null
          ? `Runs with ${wholePercent(stop.chance)} %: ${source.doNotUse ? 'do not use' : stop.trusted ? 'counted on' : 'not counted on'}`
          : ''}
      </Typography>
      {plan.problem && <ProblemLine>{plan.problem.detail}</ProblemLine>}
      <Grid>
        <TextEntry
          label="Name"
          value={source.name ?? ''}
          onChange={(name) => set({ name })}
          error={errors('name')}
        />
        <NumberEntry label="How far along" quantity="distance" step={0.1} {...number('alongKm')} />
        <SelectEntry
          label="What it is"
          value={source.class ?? 'reportedDry'}
          onChange={(id) => set({ class: id as Source['class'] })}
          choices={choices.sourceClasses}
        />
        <NumberEntry label="Detour, one way" quantity="duration" step={1} {...number('detourMinutes', 0)} />
      </Grid>
      <ChoiceGroup
        label="Last report"
        value={report}
        onChange={(id) =>
          set(
            id === 'none'
              ? { reportedAt: null, reportedFlowing: null }
              : { reportedAt: source.reportedAt ?? today, reportedFlowing: id === 'flowing' },
          )
        }
        choices={[
          { id: 'flowing', name: 'Flowing' },
          { id: 'dry', name: 'Dry' },
          { id: 'none', name: 'None' },
        ]}
      />
      {source.reportedAt != null && (
        <TextField
          label="On"
          type="date"
          size="small"
          value={source.reportedAt.slice(0, 10)}
          onChange={(e) => e.target.value && set({ reportedAt: `${e.target.value}T12:00:00Z` })}
          slotProps={{ inputLabel: { shrink: true } }}
        />
      )}
      <NumberEntry
        label="Your own word on whether it runs"
        quantity="share"
        step={5}
        unknown="Go by class and report"
        {...number('chance')}
      />
      <Box>
        {toggle('doNotUse', 'Do not use: fuel, mine, bloom, salt, or posted')}
        {toggle('onlyIfNeeded', 'Leave it out until it is called for')}
      </Box>
      <Typography variant="h3">Its water</Typography>
      <Grid>
        <SelectEntry
          label="Clarity"
          value={source.clarity ?? 'unknown'}
          onChange={(id) => set({ clarity: id as Source['clarity'] })}
          choices={clarities}
        />
        <SelectEntry
          label="Colour"
          value={source.colour ?? 'unknown'}
          onChange={(id) => set({ colour: id as Source['colour'] })}
          choices={colours}
        />
        <NumberEntry
          label="Water temperature"
          quantity="temperature"
          step={1}
          unknown="Not known: ice-cold"
          {...number('temperatureC')}
        />
      </Grid>
      <Typography variant="h3">Stopping there</Typography>
      <Grid>
        <NumberEntry
          label="Flow"
          quantity="flow"
          step={0.5}
          {...number('litresPerMinute', choices.litresPerMinute)}
        />
        <TextEntry label="Treated by" value={source.treatBy ?? ''} onChange={(treatBy) => set({ treatBy })} />
        <NumberEntry
          label="Wait at least, beyond what Treat says"
          quantity="duration"
          step={5}
          unknown="As Treat says"
          {...number('waitMinutes')}
        />
        <NumberEntry
          label="Hands-on minutes for a litre, at least"
          quantity="plain"
          step={0.5}
          unknown="As Treat says"
          {...number('handsOnMinutesPerL')}
        />
        <NumberEntry
          label="Drunk on the spot, all together"
          quantity="volume"
          step={0.5}
          {...number('drinkL', 0)}
        />
        <NumberEntry
          label="Left there beforehand"
          quantity="volume"
          step={1}
          unknown="Not a cache: as much as runs"
          {...number('cacheL')}
        />
      </Grid>
      {toggle('treatLater', 'Carried untreated, treated at the next stop: dirty bags count')}
    </Section>
  );
}

function Grid({ children }: { children: React.ReactNode }) {
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>{children}</Box>
  );
}

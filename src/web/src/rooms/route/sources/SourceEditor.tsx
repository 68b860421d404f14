import { Box, Button, Typography } from '@mui/material';
import { entryColumns } from '../../../shared/entryColumns';
import { DateEntry } from '../../../shared/dates/DateEntry';
import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { Cautions } from '../../../shared/Cautions';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import { ProblemLine } from '../../../shared/ProblemLine';
import { Section } from '../../../shared/Section';
import { SelectEntry } from '../../../shared/SelectEntry';
import { TextEntry } from '../../../shared/TextEntry';
import { wholePercent } from '../../../shared/units';
import type { Kept } from '../../../store/records';
import { useInHand } from '../../../store/InHandContext';
import { useEdited } from '../../../store/useEdited';
import { pieceName, type ItemKind } from '../../../store/kitItems';
import { useRecords } from '../../../store/useRecords';
import { SignPicker } from '../../treat/source/SignPicker';
import { useTrip } from '../TripContext';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import { asEntered, type Entry } from '../../../shared/entered';

type Source = Schema<'TripSource'>;
type NumberKey =
  'alongKm' | 'chance' | 'detourMinutes' | 'litresPerMinute' | 'drinkL' | 'cacheL' | 'temperatureC';

/** Not set: the choice is left to the plan. */
const anyWay = 'any';
const treating: ItemKind[] = ['product', 'filter', 'lamp', 'burner'];

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
    onChange: (value: Entry) => set({ [key]: asEntered(value) }),
    error: errors(key),
  });
  const report = source.reportedAt == null ? 'none' : source.reportedFlowing ? 'flowing' : 'dry';
  const worse = useInHand()?.foundWorse.find(({ id }) => id === record.id);
  const today = new Date().toISOString();
  const ways = (useRecords('kit-item') ?? [])
    .filter(
      ({ id, body }) => (body.retired !== true || id === source.treatWith) && treating.includes(body.kind),
    )
    .map(({ id, body }) => ({ id, name: pieceName(body) }));
  const toggle = (
    key: 'doNotUse' | 'onlyIfNeeded' | 'treatLater' | 'drinkable' | 'othersCamped',
    label: string,
    usual = false,
  ) => (
    <SwitchEntry
      label={label}
      checked={source[key] ?? usual}
      onChange={(checked) => set({ [key]: checked })}
    />
  );

  return (
    <Section title={source.name ?? ''}>
      <Typography sx={{ fontWeight: 700, fontSize: '1.1875rem' }}>
        {stop?.chance != null
          ? `Runs with ${wholePercent(stop.chance)} %`
          : source.doNotUse
            ? 'Do not use'
            : ''}
      </Typography>
      {stop?.chanceWhy && <Typography color="text.secondary">{stop.chanceWhy}</Typography>}
      {worse && <Cautions cautions={[{ code: 'found-worse', severity: 'warning', message: worse.words }]} />}
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
          value={source.class ?? 'unknown'}
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
        <DateEntry
          label="On"
          value={source.reportedAt.slice(0, 10)}
          onChange={(day) => day !== null && set({ reportedAt: `${day}T12:00:00Z` })}
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
        {toggle('othersCamped', 'Tracks or smoke of others camped there')}
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
          unknown="Not measured: by class, height and the trip’s air"
          {...number('temperatureC')}
        />
      </Grid>
      <SignPicker seen={source.seen ?? []} onChange={(seen) => set({ seen })} />
      <Typography variant="h3">Stopping there</Typography>
      {toggle('drinkable', 'Comes drinkable: a tap, a shop, treated water left there', source.cacheL != null)}
      <Grid>
        <NumberEntry
          label="Flow"
          quantity="flow"
          step={0.5}
          {...number('litresPerMinute', choices.litresPerMinute)}
        />
        <SelectEntry
          label="Treat it with"
          value={source.treatWith ?? anyWay}
          onChange={(id) => set({ treatWith: id === anyWay ? null : id })}
          choices={[{ id: anyWay, name: 'What is best by then' }, ...ways]}
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
      <Box>
        <Button color="error" onClick={() => set({ retired: true })}>
          Take this source out
        </Button>
      </Box>
    </Section>
  );
}

function Grid({ children }: { children: React.ReactNode }) {
  return <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: entryColumns }}>{children}</Box>;
}

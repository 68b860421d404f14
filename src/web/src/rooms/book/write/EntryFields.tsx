import { Box } from '@mui/material';
import { useCatalogue } from '../../../core/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry, type Entry as Typed } from '../../../shared/NumberEntry';
import { SelectEntry } from '../../../shared/SelectEntry';
import type { Entry } from '../../../store/bookLines';
import { useKit } from '../../../store/LocalDataContext';
import { useRecords } from '../../../store/useRecords';
import { FillTimer } from './FillTimer';
import type { EntryKind } from './kinds';
import { PhotoEntry } from './PhotoEntry';
import { Swatch } from './QuickLines';
import { SwitchEntry } from '../../../shared/SwitchEntry';

interface Props {
  kind: EntryKind;
  entry: Entry;
  onChange: (entry: Entry) => void;
  errors: (field: string) => string | undefined;
}

type NumberKey =
  'litres' | 'massKg' | 'fuelG' | 'fillL' | 'fillSeconds' | 'temperatureC' | 'day' | 'hours' | 'feverC';

/** The fields that matter for one kind of line. */
export function EntryFields({ kind, entry, onChange, errors }: Props) {
  const { lists, clarities } = useCatalogue();
  const set = (part: Partial<Entry>) => onChange({ ...entry, ...part });
  const number = (
    key: NumberKey,
    label: string,
    quantity: Schema<'Quantity'>,
    step: number,
    needed = false,
  ) => (
    <NumberEntry
      label={label}
      quantity={quantity}
      step={step}
      value={entry[key] ?? null}
      onChange={(value: Typed) => set({ [key]: value as number | null })}
      error={errors(key)}
      unknown={needed ? undefined : 'Not known'}
    />
  );
  const toggle = (key: 'untreated' | 'passed' | 'blood', label: string) => (
    <SwitchEntry
      label={label}
      checked={entry[key] === true}
      onChange={(checked) => set({ [key]: checked })}
    />
  );
  switch (kind) {
    case 'drink':
      return (
        <>
          {number('litres', 'Drunk', 'volume', 0.25, true)}
          {toggle('untreated', 'It was not treated')}
        </>
      );
    case 'urine':
      return (
        <>
          <Box
            role="group"
            aria-label="Colour"
            sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(4, 1fr)' }}
          >
            {lists.book.urine.map((step) => (
              <Swatch
                key={step.number}
                step={step}
                chosen={entry.urineColour === step.number}
                onChoose={() => set({ urineColour: step.number })}
              />
            ))}
          </Box>
          {number('litres', 'How much', 'volume', 0.1)}
        </>
      );
    case 'bodyMass':
      return number('massKg', 'Body mass', 'kitMass', 0.1, true);
    case 'sourceReport':
      return (
        <>
          <SourceEntry value={entry.sourceId ?? null} onChange={(sourceId) => set({ sourceId })} />
          <ChoiceGroup
            label="Is it running"
            choices={lists.yesNo.map(({ id, name }) => ({ id, name }))}
            value={entry.flowing === true ? 'yes' : entry.flowing === false ? 'no' : 'unknown'}
            onChange={(id) => set({ flowing: id === 'yes' ? true : id === 'no' ? false : null })}
          />
          <FillTimer entry={entry} onChange={set} />
          {number('fillL', 'Filled', 'volume', 0.25)}
          {number('fillSeconds', 'Seconds to fill it', 'seconds', 1)}
          <ChoiceGroup
            label="Clarity"
            choices={clarities}
            value={entry.clarity ?? 'unknown'}
            onChange={(clarity) => set({ clarity: clarity as Entry['clarity'] })}
          />
          {number('temperatureC', 'Water temperature', 'temperature', 1)}
          <PhotoEntry photo={entry.photo ?? null} onChange={(photo) => set({ photo })} />
        </>
      );
    case 'filterService':
      return (
        <>
          <ItemEntry kinds={['filter']} value={entry.itemId ?? null} onChange={(itemId) => set({ itemId })} />
          <ChoiceGroup
            label="What was done"
            choices={lists.book.services}
            value={entry.service ?? ''}
            onChange={(service) => set({ service: service as Entry['service'] })}
            error={errors('service')}
          />
          {entry.service === 'integrityCheck' && toggle('passed', 'Air hardly passes: it holds')}
          {number('litres', 'Litres since the last service', 'volume', 1)}
          <FillTimer entry={entry} onChange={set} />
          {number('fillL', 'Filled', 'volume', 0.25)}
          {number('fillSeconds', 'Seconds to fill it', 'seconds', 1)}
        </>
      );
    case 'mishap':
      return (
        <>
          <ItemEntry value={entry.itemId ?? null} onChange={(itemId) => set({ itemId })} />
          <ChoiceGroup
            label="What happened"
            choices={lists.book.mishaps}
            value={entry.mishap ?? ''}
            onChange={(mishap) => set({ mishap: mishap as Entry['mishap'] })}
            error={errors('mishap')}
          />
        </>
      );
    case 'fuelUsed':
      return (
        <>
          <ItemEntry kinds={['burner']} value={entry.itemId ?? null} onChange={(itemId) => set({ itemId })} />
          {number('fuelG', 'Fuel burnt', 'fuelMass', 5, true)}
          {number('litres', 'Water heated with it', 'volume', 0.5)}
        </>
      );
    case 'stage':
      return (
        <>
          <RouteEntry value={entry.routeId ?? null} onChange={(routeId) => set({ routeId })} />
          <NumberEntry
            label="Day of the walk"
            quantity="plain"
            step={1}
            value={entry.day === null || entry.day === undefined ? null : entry.day + 1}
            onChange={(v) => set({ day: typeof v === 'number' ? v - 1 : (v as number | null) })}
            error={errors('day')}
            unknown="None of a trip"
          />
          {number('hours', 'Hours from setting out to arriving', 'plain', 0.25, true)}
        </>
      );
    case 'symptom':
      return (
        <>
          {number('feverC', 'Body temperature', 'temperature', 0.1)}
          {toggle('blood', 'Blood')}
        </>
      );
    default:
      return null;
  }
}

interface ChoiceProps {
  value: string | null;
  onChange: (id: string | null) => void;
}

const none = { id: 'none', name: 'Not said' };

function ItemEntry({ kinds, value, onChange }: ChoiceProps & { kinds?: string[] }) {
  const items = useKit().filter((item) => !kinds || kinds.includes(item.body.kind ?? ''));
  return (
    <SelectEntry
      label="Piece of kit"
      value={value ?? 'none'}
      onChange={(id) => onChange(id === 'none' ? null : id)}
      choices={[...items.map((item) => ({ id: item.id, name: item.body.name ?? '' })), none]}
    />
  );
}

function SourceEntry({ value, onChange }: ChoiceProps) {
  const sources = useRecords('trip-source') ?? [];
  return (
    <SelectEntry
      label="Source"
      value={value ?? 'none'}
      onChange={(id) => onChange(id === 'none' ? null : id)}
      choices={[...sources.map((s) => ({ id: s.id, name: s.body.name ?? '' })), none]}
    />
  );
}

function RouteEntry({ value, onChange }: ChoiceProps) {
  const routes = useRecords('route') ?? [];
  return (
    <SelectEntry
      label="Trip"
      value={value ?? 'none'}
      onChange={(id) => onChange(id === 'none' ? null : id)}
      choices={[...routes.map((r) => ({ id: r.id, name: r.body.name ?? '' })), none]}
    />
  );
}

import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { SeenThere } from './SeenThere';
import { useCatalogue } from '../../../store/CatalogueContext';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { NumberEntry } from '../../../shared/NumberEntry';
import { SwitchEntry } from '../../../shared/SwitchEntry';
import type { Entry, EntryOf } from '../../../store/bookLines';
import { EffortForm } from '../../body/EffortForm';
import { SignTicks } from '../../body/signs/SignTicks';
import { FillTimer } from './FillTimer';
import { lineFields, type LineFieldsProps } from './LineFieldKit';
import { PhotoEntry } from './PhotoEntry';
import { Swatch } from './QuickLines';
import { asEntered } from '../../../shared/entered';

const vessels = ['container', 'pot'];

/** The fields that matter for one kind of line. */
export function EntryFields({ line, onChange, errors }: LineFieldsProps<Entry>): ReactNode {
  switch (line.kind) {
    case 'drank': {
      const f = lineFields({ line, onChange, errors });
      return (
        <>
          {f.number('litres', 'Drunk', 'volume', 0.25, null)}
          {f.thing('containerId', 'From', vessels)}
          {f.toggle('untreated', 'It was not treated')}
        </>
      );
    }
    case 'urine':
      return <UrineFields line={line} onChange={onChange} errors={errors} />;
    case 'bodyMass':
      return lineFields({ line, onChange, errors }).number('massKg', 'Body mass', 'kitMass', 0.1, null);
    case 'signs':
      return <SignTicks ticked={line.signs ?? []} onChange={(signs) => onChange({ ...line, signs })} />;
    case 'sourceSeen':
      return <SourceFields line={line} onChange={onChange} errors={errors} />;
    case 'passedBy':
      return lineFields({ line, onChange, errors }).record('sourceId', 'Source', 'trip-source');
    case 'filled': {
      const f = lineFields({ line, onChange, errors });
      return (
        <>
          {f.thing('containerId', 'Container', vessels)}
          {f.number('litres', 'How much', 'volume', 0.25, 'To the brim')}
          {f.record('sourceId', 'At', 'trip-source')}
          <WaterLook line={line} onChange={onChange} />
          {f.number('temperatureC', 'Water temperature', 'temperature', 1)}
        </>
      );
    }
    case 'poured': {
      const f = lineFields({ line, onChange, errors });
      return (
        <>
          {f.thing('fromId', 'From', vessels)}
          {f.thing('intoId', 'Into', vessels)}
          {f.number('litres', 'How much', 'volume', 0.25, 'All that fits')}
        </>
      );
    }
    case 'cooked':
    case 'spilt': {
      const f = lineFields({ line, onChange, errors });
      return (
        <>
          {f.thing('containerId', 'From', vessels)}
          {f.toggle('all', 'All that it held')}
          {line.all !== true && f.number('litres', 'How much', 'volume', 0.25, null)}
        </>
      );
    }
    case 'rinsed':
    case 'dipped':
      return lineFields({ line, onChange, errors }).thing('containerId', 'Container', vessels);
    case 'filterServiced':
      return <ServiceFields line={line} onChange={onChange} errors={errors} />;
    case 'frostGuarded':
    case 'stayedWarm':
      return lineFields({ line, onChange, errors }).thing('itemId', 'Filter', ['filter']);
    case 'mishap':
      return <MishapFields line={line} onChange={onChange} errors={errors} />;
    case 'fuelBurnt': {
      const f = lineFields({ line, onChange, errors });
      return (
        <>
          {f.thing('itemId', 'Piece of kit', ['burner'])}
          {f.number('fuelG', 'Fuel burnt', 'fuelMass', 5, null)}
          {f.number('litres', 'Water heated with it', 'volume', 0.5)}
        </>
      );
    }
    case 'canisterWeighed': {
      const f = lineFields({ line, onChange, errors });
      return (
        <>
          {f.thing('itemId', 'Burner', ['burner'])}
          {f.number('fuelLeftG', 'Fuel left', 'fuelMass', 5, null)}
        </>
      );
    }
    case 'counted': {
      const f = lineFields({ line, onChange, errors });
      return (
        <>
          {f.thing('itemId', 'Piece of kit')}
          {f.number('left', 'Left', 'plain', 1, null)}
        </>
      );
    }
    case 'charged': {
      const f = lineFields({ line, onChange, errors });
      return (
        <>
          {f.thing('itemId', 'Lamp', ['lamp'])}
          {f.number('cyclesLeft', 'Cycles now', 'plain', 1, null)}
        </>
      );
    }
    case 'stage':
      return <StageFields line={line} onChange={onChange} errors={errors} />;
    case 'symptom': {
      const f = lineFields({ line, onChange, errors });
      return (
        <>
          {f.number('feverC', 'Body temperature', 'temperature', 0.1)}
          {f.toggle('blood', 'Blood')}
        </>
      );
    }
    case 'note':
    case 'filterLookedOver':
    case 'takenBack':
      return null;
  }
}

function UrineFields(props: LineFieldsProps<EntryOf<'urine'>>) {
  const { urine } = useCatalogue().lists.book;
  const { set, number } = lineFields(props);
  return (
    <>
      <Box
        role="group"
        aria-label="Colour"
        sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(4, 1fr)' }}
      >
        {urine.map((step) => (
          <Swatch
            key={step.number}
            step={step}
            chosen={props.line.urineColour === step.number}
            onChoose={() => set({ urineColour: step.number })}
          />
        ))}
      </Box>
      {number('litres', 'How much', 'volume', 0.1)}
    </>
  );
}

function SourceFields(props: LineFieldsProps<EntryOf<'sourceSeen'>>) {
  const { yesNo } = useCatalogue().lists;
  const { line } = props;
  const { set, number, record } = lineFields(props);
  return (
    <>
      {record('sourceId', 'Source', 'trip-source')}
      <ChoiceGroup
        label="Is it running"
        choices={yesNo.map(({ id, name }) => ({ id, name }))}
        value={line.flowing === true ? 'yes' : line.flowing === false ? 'no' : 'unknown'}
        onChange={(id) => set({ flowing: id === 'yes' ? true : id === 'no' ? false : null })}
      />
      <FillTimer fillL={line.fillL} onChange={set} />
      {number('fillL', 'Filled', 'volume', 0.25)}
      {number('fillSeconds', 'Seconds to fill it', 'seconds', 1)}
      <WaterLook {...props} />
      {number('temperatureC', 'Water temperature', 'temperature', 1)}
      <SeenThere seen={line.seen ?? null} onChange={(seen) => set({ seen })} />
      <PhotoEntry photo={line.photo ?? null} onChange={(photo) => set({ photo })} />
    </>
  );
}

/** How the water looks: cloud and colour. */
function WaterLook<T extends EntryOf<'sourceSeen'> | EntryOf<'filled'>>({
  line,
  onChange,
}: Pick<LineFieldsProps<T>, 'line' | 'onChange'>) {
  const { clarities, colours } = useCatalogue();
  return (
    <>
      <ChoiceGroup
        label="Clarity"
        choices={clarities}
        value={line.clarity ?? 'unknown'}
        onChange={(clarity) => onChange({ ...line, clarity: clarity as T['clarity'] })}
      />
      <ChoiceGroup
        label="Colour"
        choices={colours}
        value={line.colour ?? 'unknown'}
        onChange={(colour) => onChange({ ...line, colour: colour as T['colour'] })}
      />
    </>
  );
}

function ServiceFields(props: LineFieldsProps<EntryOf<'filterServiced'>>) {
  const { services } = useCatalogue().lists.book;
  const { line, errors } = props;
  const { set, number, thing, toggle } = lineFields(props);
  return (
    <>
      {thing('itemId', 'Piece of kit', ['filter'])}
      <ChoiceGroup
        label="What was done"
        choices={services}
        value={line.service ?? ''}
        onChange={(service) => set({ service: service as typeof line.service })}
        error={errors('service')}
      />
      {line.service === 'integrityCheck' && toggle('passed', 'Air hardly passes: it holds')}
      {number('litres', 'Litres since the last service', 'volume', 1)}
      <FillTimer fillL={line.fillL} onChange={set} />
      {number('fillL', 'Filled', 'volume', 0.25)}
      {number('fillSeconds', 'Seconds to fill it', 'seconds', 1)}
    </>
  );
}

function MishapFields(props: LineFieldsProps<EntryOf<'mishap'>>) {
  const { mishaps } = useCatalogue().lists.book;
  const { line, errors } = props;
  const { set, thing } = lineFields(props);
  return (
    <>
      {thing('itemId', 'Piece of kit')}
      <ChoiceGroup
        label="What happened"
        choices={mishaps}
        value={line.what ?? ''}
        onChange={(what) => set({ what: what as typeof line.what })}
        error={errors('what')}
      />
    </>
  );
}

function StageFields(props: LineFieldsProps<EntryOf<'stage'>>) {
  const { line, errors } = props;
  const { set, number, record } = lineFields(props);
  return (
    <>
      {record('routeId', 'Trip', 'route')}
      <NumberEntry
        label="Day of the walk"
        quantity="plain"
        step={1}
        value={line.day === null || line.day === undefined ? null : line.day + 1}
        onChange={(v) => set({ day: typeof v === 'number' ? v - 1 : asEntered(v) })}
        error={errors('day')}
        unknown="None of a trip"
      />
      {number('hours', 'Hours from setting out to arriving', 'plain', 0.25, null)}
      <SwitchEntry
        label="It was other weather or another pace than planned"
        checked={line.effort != null}
        onChange={(told) => set({ effort: told ? {} : null })}
      />
      {line.effort && (
        <EffortForm
          effort={line.effort}
          onChange={(effort) => set({ effort })}
          errors={errors}
          airUntold="As planned for the day"
        />
      )}
    </>
  );
}

import { useCatalogue } from '../../store/CatalogueContext';
import type { Schema } from '../../core/contract';
import { InstantEntry } from '../../shared/dates/InstantEntry';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { NumberEntry } from '../../shared/NumberEntry';
import { Section } from '../../shared/Section';
import { TextEntry } from '../../shared/TextEntry';
import { asEntered, type Entry } from '../../shared/entered';

type Day = Schema<'DayBook'>;
type Water = Schema<'WaterInput'>;

/** No kind of snow. */
const drawn = 'drawn';

const unknownWater: Water = {
  volumeL: null,
  clarity: 'unknown',
  colour: 'unknown',
  temperatureC: null,
  elevationM: null,
};

/** Who is there, when it begins, when all rest, and what the water is like. */
export function DaySetup({ day, onChange }: { day: Day; onChange: (day: Day) => void }) {
  const { clarities, colours, lists } = useCatalogue();
  const water = day.water ?? unknownWater;
  const setWater = (part: Partial<Water>) => onChange({ ...day, water: { ...water, ...part } });
  const number = (key: 'people' | 'quietFromHour' | 'quietToHour') => ({
    value: day[key] ?? null,
    onChange: (value: Entry) => onChange({ ...day, [key]: asEntered(value) }),
  });
  const waterNumber = (
    key: 'temperatureC' | 'elevationM',
    label: string,
    quantity: Schema<'Quantity'>,
    step: number,
  ) => (
    <NumberEntry
      label={label}
      quantity={quantity}
      step={step}
      value={water[key]}
      onChange={(v) => setWater({ [key]: asEntered(v) })}
      unknown="Not known"
    />
  );
  return (
    <Section title="Camp, hands and water">
      <TextEntry label="Name" value={day.name ?? ''} onChange={(name) => onChange({ ...day, name })} />
      <InstantEntry
        label="Begins"
        value={day.from}
        onChange={(from) => {
          if (from !== null) onChange({ ...day, from });
        }}
      />
      <NumberEntry label="Pairs of hands" quantity="plain" step={1} {...number('people')} />
      <NumberEntry
        label="All rest from, o’clock"
        quantity="plain"
        step={1}
        unknown="Nobody rests"
        {...number('quietFromHour')}
      />
      <NumberEntry label="All rest until, o’clock" quantity="plain" step={1} {...number('quietToHour')} />
      <ChoiceGroup
        label="Clarity of the water"
        choices={clarities}
        value={water.clarity ?? 'unknown'}
        onChange={(clarity) => setWater({ clarity: clarity as Water['clarity'] })}
      />
      <ChoiceGroup
        label="Colour of the water"
        choices={colours}
        value={water.colour ?? 'unknown'}
        onChange={(colour) => setWater({ colour: colour as Water['colour'] })}
      />
      <ChoiceGroup
        label="Melted from"
        choices={[{ id: drawn, name: 'Nothing: it is water' }, ...lists.snowKinds]}
        value={day.snow?.kind ?? drawn}
        onChange={(kind) =>
          onChange({
            ...day,
            snow:
              kind === drawn
                ? null
                : { kind: kind as Schema<'SnowKind'>, temperatureC: day.snow?.temperatureC ?? null },
          })
        }
      />
      {waterNumber('temperatureC', 'Water temperature', 'temperature', 1)}
      {waterNumber('elevationM', 'Elevation', 'elevation', 50)}
      <NumberEntry
        label="Air temperature"
        quantity="temperature"
        step={1}
        value={day.sky?.airTemperatureC ?? null}
        onChange={(v) => onChange({ ...day, sky: { ...day.sky, airTemperatureC: asEntered(v) } })}
        unknown="Not known"
      />
    </Section>
  );
}

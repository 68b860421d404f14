import type { ReactNode } from 'react';
import { useCatalogue } from '../../store/CatalogueContext';
import type { Schema } from '../../core/contract';
import { InstantEntry } from '../../shared/dates/InstantEntry';
import { ChoiceGroup } from '../../shared/ChoiceGroup';
import { Section } from '../../shared/Section';
import { ToldNumbers } from '../../shared/ToldNumbers';
import type { Night } from './useNight';

interface Props {
  /** What was told. */
  night: Night;
  /** What the answer went by, nothing left out. */
  taken: Night | undefined;
  onTell: (part: Partial<Night>) => void;
  errors: (field: string) => string | undefined;
  children?: ReactNode;
}

const waters = [
  { id: 'snow', name: 'Snow or ice' },
  { id: 'openWater', name: 'Open water under it' },
];

const boiled = [
  { id: 'yes', name: 'Boiled too' },
  { id: 'no', name: 'Dosed, not boiled' },
];

const numbers = [
  { key: 'lowC', label: 'Coldest of the night', quantity: 'temperature', step: 1 },
  { key: 'people', label: 'People', quantity: 'plain', step: 1 },
  { key: 'boilL', label: 'Meals and hot drinks', quantity: 'volume', step: 0.5 },
  { key: 'drinkL', label: 'To drink and carry away', quantity: 'volume', step: 0.5 },
  { key: 'flaskL', label: 'Into flasks', quantity: 'volume', step: 0.5 },
  { key: 'filledC', label: 'Bottles are filled at', quantity: 'temperature', step: 5 },
  { key: 'elevationM', label: 'Height of the camp', quantity: 'elevation', step: 50 },
] as const;

const hours = [
  { key: 'from', label: 'Work begins' },
  { key: 'bedAt', label: 'Everybody lies' },
  { key: 'leaveAt', label: 'The party leaves' },
] as const;

/** The night as far as the trip does not know it. */
export function NightForm({ night, taken, onTell, errors, children }: Props) {
  const { lists } = useCatalogue();
  const water = night.water ?? taken?.water ?? '';
  return (
    <Section title="The night">
      <ChoiceGroup
        label="Water from"
        choices={waters}
        value={water}
        isDefault={night.water == null}
        onChange={(next) => onTell({ water: next as Night['water'] })}
      />
      {water === 'snow' && (
        <ChoiceGroup
          label="Kind of snow"
          choices={lists.snowKinds}
          value={night.snow?.kind ?? taken?.snow?.kind ?? 'unknown'}
          isDefault={night.snow == null}
          onChange={(kind) =>
            onTell({
              snow: {
                kind: kind as Schema<'SnowKind'>,
                temperatureC: night.snow?.temperatureC ?? taken?.snow?.temperatureC ?? null,
              },
            })
          }
        />
      )}
      <ChoiceGroup
        label="What is drunk is"
        choices={boiled}
        value={(night.boilAll ?? taken?.boilAll) === false ? 'no' : 'yes'}
        isDefault={night.boilAll == null}
        onChange={(next) => onTell({ boilAll: next === 'yes' })}
      />
      <ToldNumbers numbers={numbers} told={night} taken={taken} onTell={onTell} errors={errors} />
      {hours.map(({ key, label }) => (
        <InstantEntry
          key={key}
          label={label}
          value={night[key] ?? taken?.[key]}
          onChange={(at) => onTell({ [key]: at })}
          error={errors(key)}
        />
      ))}
      {children}
    </Section>
  );
}

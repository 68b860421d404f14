import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { DateEntry } from '../../../shared/dates/DateEntry';
import { ChoiceGroup } from '../../../shared/ChoiceGroup';
import { ToldNumbers } from '../../../shared/ToldNumbers';

type Trip = Schema<'KitTrip'>;

interface Props {
  /** What was typed. */
  trip: Trip;
  /** What the check went by, the plan's figures filled in. */
  taken: Trip | undefined;
  onChange: (trip: Trip) => void;
  errors: (field: string) => string | undefined;
}

const numbers = [
  { key: 'litres', label: 'Water in all', quantity: 'volume', step: 1 },
  { key: 'coldestWaterC', label: 'Coldest water', quantity: 'temperature', step: 1 },
  { key: 'coldestAirC', label: 'Coldest night', quantity: 'temperature', step: 1 },
  { key: 'highestM', label: 'Highest place', quantity: 'elevation', step: 50 },
  { key: 'mostCarriedL', label: 'Most carried at once', quantity: 'volume', step: 0.5 },
  { key: 'snowL', label: 'Melted from snow', quantity: 'volume', step: 1 },
  { key: 'campL', label: 'Most used at a camp', quantity: 'volume', step: 0.5 },
] as const;

/** What the trip asks of the kit: the plan's figures, until another is typed. */
export function TripForm({ trip, taken, onChange, errors }: Props) {
  const { clarities, colours } = useCatalogue();
  return (
    <>
      <ChoiceGroup
        label="Cloudiest water"
        choices={clarities}
        value={trip.worstClarity ?? 'unknown'}
        onChange={(clarity) => onChange({ ...trip, worstClarity: clarity as Trip['worstClarity'] })}
      />
      <ChoiceGroup
        label="Its colour"
        choices={colours}
        value={trip.colour ?? 'unknown'}
        onChange={(colour) => onChange({ ...trip, colour: colour as Trip['colour'] })}
      />
      <ToldNumbers
        numbers={numbers}
        told={trip}
        taken={taken}
        onTell={(part) => onChange({ ...trip, ...part })}
        errors={errors}
      />
      <DateEntry
        label="First day"
        value={trip.firstDay ?? taken?.firstDay}
        onChange={(date) => onChange({ ...trip, firstDay: date })}
      />
      <DateEntry
        label="Last day"
        value={trip.lastDay ?? taken?.lastDay}
        onChange={(date) => onChange({ ...trip, lastDay: date })}
        error={errors('lastDay')}
      />
    </>
  );
}

import { useCatalogue } from '../../../store/CatalogueContext';
import type { Schema } from '../../../core/contract';
import { minutesText } from '../../../shared/time';
import { plain, show } from '../../../shared/units';
import { Fact, Facts } from './Facts';

/** Boiling point, minutes, fuel and water. */
export function BoilFacts({ boil }: { boil: Schema<'BoilAnswer'> }) {
  const catalogue = useCatalogue();
  return (
    <Facts>
      <Fact name="Boils at">{show(catalogue, 'temperature', boil.boilingPointC)}</Fact>
      <Fact name="To the boil">
        {minutesText(Math.ceil(boil.heatMinutes))}
        {boil.loads > 1 &&
          ` for each of ${boil.loads} pot loads of ${show(catalogue, 'volume', boil.loadVolumeL)}`}
      </Fact>
      <Fact name="Fuel">
        {show(catalogue, 'fuelMass', boil.fuelG)} of {boil.fuel} ({boil.burner},{' '}
        {plain(boil.efficiency * 100, 0)} % of its heat reaching the pot)
      </Fact>
      <Fact name="Water left">
        {show(catalogue, 'volume', boil.waterLeftL)}; {show(catalogue, 'volume', boil.boiledAwayL)} boils away
      </Fact>
      <Fact name="Cool enough">
        {boil.coolMinutes === null
          ? 'never in this air'
          : `${minutesText(Math.ceil(boil.coolMinutes))} after the boil`}
      </Fact>
    </Facts>
  );
}

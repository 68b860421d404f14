import { useCatalogue } from '../../../store/CatalogueContext';
import type { TreatResponse } from '../../../core/contract';
import { clockTime, minutesText } from '../../../shared/time';
import { plain, show } from '../../../shared/units';
import { Fact, Facts } from './Facts';

/** Snow to water: how much to gather, how long, how much fuel. */
export function MeltFacts({ melt }: { melt: NonNullable<TreatResponse['melt']> }) {
  const catalogue = useCatalogue();
  return (
    <Facts>
      <Fact name="Gather">
        {show(catalogue, 'bulk', melt.snowL)}, {melt.bags} {melt.bags === 1 ? 'bag' : 'bags'}
      </Fact>
      <Fact name="Melting">
        {melt.loads} pot {melt.loads === 1 ? 'load' : 'loads'}, about {minutesText(Math.ceil(melt.minutes))}
      </Fact>
      <Fact name="Fuel to melt">{show(catalogue, 'fuelMass', melt.fuelG)}</Fact>
    </Facts>
  );
}

/** Clearing before the first barrier. */
export function ClearingFacts({ clearing }: { clearing: NonNullable<TreatResponse['clearing']> }) {
  const catalogue = useCatalogue();
  return (
    <Facts>
      <Fact name="Clear first">{clearing.words}</Fact>
      <Fact name="Collect">
        {show(catalogue, 'volume', clearing.collectL)}; {plain(clearing.lossShare * 100, 0)} % stays behind
      </Fact>
    </Facts>
  );
}

/** How the filter runs here, and for how long. */
export function FilterFacts({ filter }: { filter: NonNullable<TreatResponse['filter']> }) {
  const catalogue = useCatalogue();
  return (
    <Facts>
      <Fact name="Filter">{filter.element}</Fact>
      <Fact name="Flow now">
        {show(catalogue, 'flow', filter.flowLPerMin)}: {plain(filter.flowShare * 100, 0)} % of new,{' '}
        {plain(filter.coldShare * 100, 0)} % of that in this cold
      </Fact>
      <Fact name="This volume">{minutesText(Math.ceil(filter.minutes))}</Fact>
      {filter.serviceAdvice && filter.flowAfterServiceLPerMin !== null && (
        <Fact name="Service">
          {filter.serviceAdvice} Then {show(catalogue, 'flow', filter.flowAfterServiceLPerMin)}.
        </Fact>
      )}
      {filter.discardL > 0 && (
        <Fact name="First water">throw away {show(catalogue, 'volume', filter.discardL)}</Fact>
      )}
      {filter.lifeLeftL !== null && (
        <Fact name="Life left">{show(catalogue, 'bulk', filter.lifeLeftL)} after this</Fact>
      )}
      {filter.suspicion && <Fact name="Not counted">{filter.suspicion}</Fact>}
    </Facts>
  );
}

/** Cycles, and what the battery still gives. */
export function LampFacts({ lamp }: { lamp: NonNullable<TreatResponse['lamp']> }) {
  return (
    <Facts>
      <Fact name="UV">
        {lamp.cycles} {lamp.cycles === 1 ? 'cycle' : 'cycles'}: {lamp.fills}{' '}
        {lamp.fills === 1 ? 'fill' : 'fills'} of {lamp.cyclesPerFill}
      </Fact>
      <Fact name="Stir">{plain(lamp.secondsPerFill, 0)} s each fill, all the time</Fact>
      <Fact name="Battery">
        {lamp.cyclesNow} cycles left now ({plain(lamp.coldShare * 100, 0)} % of its charge in this cold)
      </Fact>
    </Facts>
  );
}

/** The sun here today. */
export function SunFacts({ sun }: { sun: NonNullable<TreatResponse['sun']> }) {
  return (
    <Facts>
      <Fact name="Strong sun">{plain(sun.strongHours, 1)} h today</Fact>
      <Fact name="At its highest">
        {plain(sun.noonElevationDeg, 0)}°, {plain(sun.noonWPerM2, 0)} W/m²
        {sun.solarNoon && `, at ${clockTime(sun.solarNoon)}`}
      </Fact>
      <Fact name="Needs">
        {sun.days === 0 ? 'more than there is today' : sun.days === 1 ? 'one day' : 'two days in a row'}
      </Fact>
    </Facts>
  );
}

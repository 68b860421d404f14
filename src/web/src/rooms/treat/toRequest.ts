import { dateOf } from '../../shared/time';
import type { Request, Schema, TreatRequest } from '../../core/contract';
import { ofItemKind, type ItemKind } from '../../store/kitItems';
import type { Kept } from '../../store/records';
import type { Draft } from './draft';
import { asEntered } from '../../shared/entered';

type Item = Kept<'kit-item'>;

const holdsWater: ItemKind[] = ['container', 'pot'];
const barriers: ItemKind[] = ['product', 'filter', 'lamp', 'burner', 'permanganate'];

/** What in the kit treats or clears water. */
export function means(kit: Item[]): Item[] {
  return kit.filter((item) => !holdsWater.includes(item.body.kind));
}

/** Whether the kit holds a barrier, so that the generic methods need not stand in for one. */
export function kitTreats(kit: Item[]): boolean {
  return kit.some(({ body }) => barriers.includes(body.kind));
}

export const isSnow = (draft: Draft) => draft.sourceKind === 'snow';

/** What is asked of the core about treating this water. */
export function toRequest(
  draft: Draft,
  kit: Item[],
  units: Schema<'UnitSystem'>,
  countViruses: boolean,
  now: string,
  /** The kit as it is now: what is left, what is suspect. */
  inHand: Schema<'KitEntry'>[],
): TreatRequest {
  const pot = ofItemKind(kit, 'pot').find((item) => item.id === draft.potId)?.body;
  const container = ofItemKind(kit, 'container').find((item) => item.id === draft.containerId)?.body;
  return {
    units,
    countViruses,
    method: draft.method,
    source: source(draft),
    // Sun and dark are counted from now on.
    startAt: now,
    water: water(draft),
    snow: isSnow(draft) ? { kind: draft.snowKind, temperatureC: asEntered(draft.snowTemperatureC) } : null,
    acceptCleanSnowOrRain: draft.acceptUntreated,
    clearing: {
      grit: draft.grit,
      drawOff: draft.drawOff,
      way: draft.clearingWay,
      sludgeCm: asEntered(draft.sludgeCm),
    },
    container: {
      opaque: container?.opaque ?? null,
      clearPlastic: container?.clearPlastic ?? null,
      squeezable: container?.squeezable ?? null,
      hasHose: container?.hasHose ?? null,
      depthCm: asEntered(draft.depthCm),
      capacityL: container?.volumeL ?? null,
      lyingDepthCm: container?.lyingDepthCm ?? null,
      role: container?.role ?? null,
    },
    sky: {
      airTemperatureC: asEntered(draft.airTemperatureC),
      latitudeDeg: asEntered(draft.latitudeDeg),
      longitudeDeg: asEntered(draft.longitudeDeg),
      cloudCover: asEntered(draft.cloudCover),
      continuousRain: draft.continuousRain,
      date: localDay(now),
    },
    kit: inHand.filter(({ item }) => !(item && holdsWater.includes(item.kind))),
    beyondKit: draft.beyondKit,
    boil: {
      school: draft.school,
      longMinutes: asEntered(draft.longMinutes),
      burnerId: draft.burnerId,
      pot: pot
        ? { capacityL: pot.volumeL ?? null, massKg: pot.massKg ?? null, material: pot.material ?? null }
        : null,
      lidOn: draft.lidOn,
      cooling: draft.cooling,
      airTemperatureC: asEntered(draft.airTemperatureC),
      heldC: asEntered(draft.heldC),
      thermometer: draft.thermometer,
      calibration: draft.weighed
        ? {
            fuelG: asEntered(draft.weighedFuelG),
            volumeL: asEntered(draft.weighedVolumeL),
            startTemperatureC: asEntered(draft.weighedStartC),
            elevationM: asEntered(draft.weighedElevationM),
          }
        : null,
    },
    chemical: {
      date: draft.date,
      light: draft.light,
      ph: asEntered(draft.ph),
      bleachStrengthPercent: asEntered(draft.bleachStrengthPercent),
      bleachAgeMonths: asEntered(draft.bleachAgeMonths),
      dropCount:
        draft.drops === null
          ? null
          : { drops: asEntered(draft.drops), millilitres: asEntered(draft.dropsMl) },
      withoutCryptosporidium: draft.withoutCryptosporidium,
    },
  };
}

/** What is asked of the core about the place. */
export function toJudge(
  draft: Draft,
  trip: Kept<'trip-source'>[],
  units: Schema<'UnitSystem'>,
  now: string,
  routes: Kept<'route'>[] = [],
): Request<'judge'> {
  const route = trip.find(({ id }) => id === draft.here)?.body.routeId;
  return {
    units,
    source: source(draft),
    water: water(draft),
    // What comes next is the next one of the same route.
    trip: trip.filter(({ body }) => body.routeId === route).map(({ id, body }) => ({ id, source: body })),
    country: routes.find(({ id }) => id === route)?.body.country,
    now,
  };
}

function source(draft: Draft): Schema<'SourceInput'> {
  return {
    kind: draft.sourceKind,
    flow: draft.flow,
    seen: draft.seen,
    upstreamWalked: draft.upstreamWalked,
    rainLastDay: draft.rainLastDay,
    conductivityUsCm: asEntered(draft.conductivityUsCm),
    here: draft.here,
  };
}

function water(draft: Draft): Schema<'WaterInput'> {
  return {
    volumeL: asEntered(draft.volumeL),
    clarity: draft.clarityBy === 'class' ? draft.clarity : 'unknown',
    vanishingDepthCm: draft.clarityBy === 'depth' ? asEntered(draft.vanishingDepthCm) : null,
    turbidityNtu: draft.clarityBy === 'probe' ? asEntered(draft.turbidityNtu) : null,
    colour: draft.colour,
    // Melt that was not measured ends ice-cold, which the core knows.
    temperatureC: isSnow(draft) ? asEntered(draft.meltC) : asEntered(draft.temperatureC),
    elevationM: asEntered(draft.elevationM),
  };
}

/** The date of an instant, as the core takes it. */
function localDay(instant: string): string {
  return dateOf(new Date(instant));
}

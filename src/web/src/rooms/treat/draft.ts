import type { Catalogue, Schema, Sighting } from '../../core/contract';
import type { Kept } from '../../store/records';
import { ofItemKind } from '../../store/kitItems';
import type { Entry } from '../../shared/entered';

/** How clarity is told. */
export type ClarityBy = 'class' | 'depth' | 'probe';

/** Everything entered in the Treat room. `touched` lists what the person has set; the rest is a marked default. */
export interface Draft {
  here: string | null;
  sourceKind: Schema<'SourceKind'>;
  flow: Schema<'SourceFlow'>;
  seen: Sighting[];
  upstreamWalked: Schema<'YesNo'>;
  rainLastDay: Schema<'YesNo'>;
  conductivityUsCm: Entry;
  containerId: string | null;
  volumeL: Entry;
  clarityBy: ClarityBy;
  clarity: Schema<'Clarity'>;
  vanishingDepthCm: Entry;
  turbidityNtu: Entry;
  colour: Schema<'WaterColour'>;
  temperatureC: Entry;
  elevationM: Entry;
  snowKind: Schema<'SnowKind'>;
  snowTemperatureC: Entry;
  /** The melt as measured; null when it was not. */
  meltC: Entry;
  acceptUntreated: boolean;
  clearingWay: Schema<'ClearingWay'> | null;
  grit: Schema<'Grit'>;
  drawOff: Schema<'DrawOff'>;
  sludgeCm: Entry;
  depthCm: Entry;
  /** The chain chosen; null for the best one. */
  method: string | null;
  sort: Schema<'ChainSort'>;
  beyondKit: boolean;
  cloudCover: Entry;
  continuousRain: boolean;
  latitudeDeg: Entry;
  longitudeDeg: Entry;
  date: Schema<'DateCheck'>;
  light: Schema<'BottleLight'>;
  ph: Entry;
  bleachStrengthPercent: Entry;
  bleachAgeMonths: Entry;
  drops: Entry;
  dropsMl: Entry;
  /** The shorter wait, which leaves Cryptosporidium out. */
  withoutCryptosporidium: boolean;
  school: Schema<'BoilSchool'>;
  longMinutes: Entry;
  heldC: Entry;
  thermometer: boolean;
  burnerId: string;
  potId: string | null;
  lidOn: boolean;
  cooling: Schema<'CoolingPlace'>;
  airTemperatureC: Entry;
  weighed: boolean;
  weighedFuelG: Entry;
  weighedVolumeL: Entry;
  weighedStartC: Entry;
  weighedElevationM: Entry;
  touched: string[];
}

type Item = Kept<'kit-item'>;

/** A fresh draft from the core's defaults and the first container and pot of the kit. */
export function freshDraft({ defaults: d }: Catalogue, kit: Item[]): Draft {
  const container = ofItemKind(kit, 'container').at(0);
  return {
    here: null,
    sourceKind: d.sourceKind,
    flow: d.flow,
    seen: [],
    upstreamWalked: d.upstreamWalked,
    rainLastDay: d.rainLastDay,
    conductivityUsCm: null,
    containerId: container?.id ?? null,
    volumeL: container?.body.volumeL ?? d.volumeL,
    clarityBy: 'class',
    clarity: d.clarity,
    vanishingDepthCm: d.vanishingDepthCm,
    turbidityNtu: null,
    colour: d.colour,
    temperatureC: d.temperatureC,
    elevationM: d.elevationM,
    snowKind: d.snowKind,
    snowTemperatureC: d.snowTemperatureC,
    meltC: null,
    acceptUntreated: false,
    clearingWay: null,
    grit: d.grit,
    drawOff: d.drawOff,
    sludgeCm: null,
    depthCm: container?.body.depthCm ?? d.depthCm,
    method: null,
    sort: 'best',
    beyondKit: false,
    cloudCover: d.cloudCover,
    continuousRain: false,
    latitudeDeg: d.latitudeDeg,
    longitudeDeg: d.longitudeDeg,
    date: d.date,
    light: d.light,
    ph: null,
    bleachStrengthPercent: d.bleachStrengthPercent,
    bleachAgeMonths: null,
    drops: null,
    dropsMl: 1,
    withoutCryptosporidium: false,
    school: d.school,
    longMinutes: d.longMinutes,
    heldC: null,
    thermometer: false,
    burnerId: d.burnerId,
    potId: ofItemKind(kit, 'pot').at(0)?.id ?? null,
    lidOn: d.lidOn,
    cooling: d.cooling,
    airTemperatureC: d.airTemperatureC,
    weighed: false,
    weighedFuelG: null,
    weighedVolumeL: null,
    weighedStartC: null,
    weighedElevationM: null,
    touched: [],
  };
}

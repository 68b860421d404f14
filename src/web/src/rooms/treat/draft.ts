import type { Catalogue, Schema, TreatRequest } from '../../core/contract';
import type { Kept } from '../../store/records';
import type { Entry } from '../../shared/NumberEntry';

/** Everything entered in the Treat room. `touched` lists what the person has set; the rest is a marked default. */
export interface Draft {
  containerId: string | null;
  volumeL: Entry;
  clarity: Schema<'Clarity'>;
  colour: Schema<'WaterColour'>;
  temperatureC: Entry;
  elevationM: Entry;
  method: string;
  date: Schema<'DateCheck'>;
  light: Schema<'BottleLight'>;
  ph: Entry;
  bleachStrengthPercent: Entry;
  bleachAgeMonths: Entry;
  drops: Entry;
  dropsMl: Entry;
  school: Schema<'BoilSchool'>;
  longMinutes: Entry;
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
  const container = kit.find((item) => item.body.kind === 'container');
  return {
    containerId: container?.id ?? null,
    volumeL: container?.body.volumeL ?? d.volumeL,
    clarity: d.clarity,
    colour: d.colour,
    temperatureC: d.temperatureC,
    elevationM: d.elevationM,
    method: d.method,
    date: d.date,
    light: d.light,
    ph: null,
    bleachStrengthPercent: d.bleachStrengthPercent,
    bleachAgeMonths: null,
    drops: null,
    dropsMl: 1,
    school: d.school,
    longMinutes: d.longMinutes,
    burnerId: d.burnerId,
    potId: kit.find((item) => item.body.kind === 'pot')?.id ?? null,
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

/** What is asked of the core. Text that is no number goes as it is: the core answers it beside its field. */
export function toRequest(
  draft: Draft,
  kit: Item[],
  units: Schema<'UnitSystem'>,
  countViruses: boolean,
): TreatRequest {
  const number = (entry: Entry) => entry as number | null;
  const pot = kit.find((item) => item.id === draft.potId)?.body;
  return {
    units,
    countViruses,
    method: draft.method,
    water: {
      volumeL: number(draft.volumeL),
      clarity: draft.clarity,
      colour: draft.colour,
      temperatureC: number(draft.temperatureC),
      elevationM: number(draft.elevationM),
    },
    boil:
      draft.method === 'boil'
        ? {
            school: draft.school,
            longMinutes: number(draft.longMinutes),
            burnerId: draft.burnerId,
            pot: pot
              ? { capacityL: pot.volumeL, massKg: pot.massKg ?? null, material: pot.material ?? null }
              : null,
            lidOn: draft.lidOn,
            cooling: draft.cooling,
            airTemperatureC: number(draft.airTemperatureC),
            calibration: draft.weighed
              ? {
                  fuelG: number(draft.weighedFuelG),
                  volumeL: number(draft.weighedVolumeL),
                  startTemperatureC: number(draft.weighedStartC),
                  elevationM: number(draft.weighedElevationM),
                }
              : null,
          }
        : null,
    chemical:
      draft.method === 'boil'
        ? null
        : {
            date: draft.date,
            light: draft.light,
            ph: number(draft.ph),
            bleachStrengthPercent: number(draft.bleachStrengthPercent),
            bleachAgeMonths: number(draft.bleachAgeMonths),
            dropCount:
              draft.drops === null
                ? null
                : { drops: number(draft.drops), millilitres: number(draft.dropsMl) },
          },
  };
}

import type { Request, Schema } from '../../../core/contract';
import type { Kept } from '../../../store/records';
import { noBurner, type Draft } from '../draft';
import { ofItemKind } from '../../../store/kitItems';
import { asEntered } from '../../../shared/entered';

/** What is asked of the core about making water here; the pot is the kit's first, the worker the party's first. */
export function toMake(
  draft: Draft,
  units: Schema<'UnitSystem'>,
  kit: Kept<'kit-item'>[],
  walkers: Kept<'walker'>[],
): Request<'make-water'> {
  const pot = ofItemKind(kit, 'pot').at(0)?.body;
  const withFire = draft.burner !== noBurner;
  const onSnow = draft.features.includes('snow');
  return {
    units,
    airTemperatureC: asEntered(draft.air),
    humidityPercent: asEntered(draft.humidity),
    sun: draft.sun,
    season: draft.season,
    rainMm: asEntered(draft.rainMm),
    features: draft.features,
    soil: draft.soil,
    sheetM2: asEntered(draft.sheetM2),
    bags: asEntered(draft.bags),
    burner: withFire ? draft.burner : null,
    fuelG: withFire ? asEntered(draft.fuelG) : null,
    waterTemperatureC: asEntered(draft.waterC),
    elevationM: asEntered(draft.elevationM),
    pot: pot
      ? { capacityL: pot.volumeL ?? null, massKg: pot.massKg ?? null, material: pot.material ?? null }
      : null,
    snow: onSnow ? { kind: draft.snowKind, temperatureC: asEntered(draft.snowC) } : null,
    hours: asEntered(draft.hours),
    walker: walkers[0]?.body ?? null,
    needLPerDay: asEntered(draft.needLPerDay),
    chosen: draft.chosen,
  };
}

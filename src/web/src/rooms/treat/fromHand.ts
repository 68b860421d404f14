import type { InHand } from '../../store/InHandContext';
import type { Kept } from '../../store/records';
import type { Draft } from './draft';
import { ofItemKind } from '../../store/kitItems';

/** A draft in which what the log knows stands in the place of defaults: which container, what is in it, whose water it is. */
export function fromHand(draft: Draft, kit: Kept<'kit-item'>[], state: InHand | undefined): Draft {
  if (state === undefined) return draft;
  const isSet = (field: keyof Draft) => draft.touched.includes(field);
  const containerId = isSet('containerId') ? draft.containerId : (state.treatIn ?? draft.containerId);
  const container = state.containers.find(({ id }) => id === containerId);
  const body = ofItemKind(kit, 'container').find(({ id }) => id === containerId)?.body;
  const water = container?.water;
  const raw = water?.is === 'raw' ? water : null;
  return {
    ...draft,
    containerId,
    volumeL: isSet('volumeL') ? draft.volumeL : raw ? container!.litres : (body?.volumeL ?? draft.volumeL),
    depthCm: isSet('depthCm') ? draft.depthCm : (body?.depthCm ?? draft.depthCm),
    here: isSet('here') ? draft.here : (raw?.sourceId ?? draft.here),
    clarity: isSet('clarity') ? draft.clarity : (raw?.clarity ?? draft.clarity),
    colour: isSet('colour') ? draft.colour : (raw?.colour ?? draft.colour),
    temperatureC: isSet('temperatureC') ? draft.temperatureC : (raw?.temperatureC ?? draft.temperatureC),
  };
}

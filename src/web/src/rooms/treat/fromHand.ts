import type { InHand } from '../../store/InHandContext';
import type { Kept } from '../../store/records';
import type { Draft } from './draft';
import { ofItemKind } from '../../store/kitItems';

export interface FilledIn {
  draft: Draft;
  /** What was not entered here but is known: from the log of the bottle, or from the trip's source. */
  known: (keyof Draft)[];
}

/**
 * A draft in which what the app knows stands in the place of defaults: which container, what is in it, whose
 * water it is and what that is like.
 */
export function fromHand(
  draft: Draft,
  kit: Kept<'kit-item'>[],
  state: InHand | undefined,
  trip: Kept<'trip-source'>[],
): FilledIn {
  const isSet = (field: keyof Draft) => draft.touched.includes(field);
  const containerId = isSet('containerId') ? draft.containerId : (state?.treatIn ?? draft.containerId);
  const container = state?.containers.find(({ id }) => id === containerId);
  const body = ofItemKind(kit, 'container').find(({ id }) => id === containerId)?.body;
  const water = container?.water;
  const raw = water?.is === 'raw' ? water : null;
  const here = isSet('here') ? draft.here : (raw?.sourceId ?? draft.here);
  const place = trip.find(({ id }) => id === here)?.body;
  const found: Partial<Draft> = {
    clarity: raw?.clarity ?? place?.clarity ?? undefined,
    colour: raw?.colour ?? place?.colour ?? undefined,
    temperatureC: raw?.temperatureC ?? place?.temperatureC ?? undefined,
    latitudeDeg: place?.latitudeDeg ?? undefined,
    longitudeDeg: place?.longitudeDeg ?? undefined,
    seen: place?.seen && place.seen.length > 0 ? place.seen : undefined,
  };
  const known = (Object.keys(found) as (keyof Draft)[]).filter(
    (key) => found[key] !== undefined && !isSet(key),
  );
  return {
    draft: {
      ...draft,
      containerId,
      here,
      volumeL: isSet('volumeL') ? draft.volumeL : raw ? container!.litres : (body?.volumeL ?? draft.volumeL),
      depthCm: isSet('depthCm') ? draft.depthCm : (body?.depthCm ?? draft.depthCm),
      ...Object.fromEntries(known.map((key) => [key, found[key]])),
    },
    // What was seen before does not say that nobody needs to look today.
    known: [...known.filter((key) => key !== 'seen'), ...(body?.depthCm ? (['depthCm'] as const) : [])],
  };
}

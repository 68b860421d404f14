import type { Request, Schema } from '../../core/contract';
import type { Kept } from '../../store/records';
import { number, type Draft } from './draft';
import { partyOf } from './ScarceContext';

interface Known {
  units: Schema<'UnitSystem'>;
  now: string;
  route: Kept<'route'> | undefined;
  sources: Kept<'trip-source'>[];
  walkers: Kept<'walker'>[];
  tests: Kept<'sweat-test'>[];
}

/** What is asked of the core about where the party stands. */
export function toTriage(
  draft: Draft,
  { units, now, route, sources, walkers, tests }: Known,
): Request<'water-short'> {
  const party = partyOf(route, walkers);
  return {
    units,
    now,
    inHandL: number(draft.inHandL),
    needLPerH: number(draft.needLPerH),
    people: number(draft.people),
    walkers: party.map(({ id, body }) => ({ id, walker: body })),
    tests: tests.map(({ id, body }) => ({ id, test: body })),
    effort: draft.effort,
    trip: route
      ? sources.filter(({ body }) => body.routeId === route.id).map(({ id, body }) => ({ id, source: body }))
      : [],
    country: route?.body.country,
    alongKm: route ? number(draft.alongKm) : null,
    sources: route ? [] : typed(draft),
    helpHours: draft.noHelp ? null : number(draft.helpHours),
    noHelp: draft.noHelp,
    waterHere: draft.waterHere,
    here: draft.waterHere
      ? {
          kind: draft.hereKind,
          flow: draft.hereFlow,
          seen: draft.hereSeen,
          upstreamWalked: 'unknown',
          rainLastDay: 'unknown',
        }
      : null,
    hereWater: {
      volumeL: null,
      clarity: draft.hereClarity,
      colour: 'unknown',
      temperatureC: null,
      elevationM: null,
    },
    means: draft.means,
    signs: draft.signs,
  };
}

function typed(draft: Draft): Schema<'NearSource'>[] {
  const ahead = {
    name: null,
    direction: 'ahead' as const,
    distanceKm: number(draft.nextKm),
    chance: number(draft.nextChance),
  };
  const behind = {
    name: null,
    direction: 'behind' as const,
    distanceKm: number(draft.lastKm),
    chance: number(draft.lastChance),
  };
  return [ahead, behind].filter((source) => source.distanceKm !== null);
}

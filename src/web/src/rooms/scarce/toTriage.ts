import type { PlanRequest, Request, Schema } from '../../core/contract';
import type { Kept } from '../../store/records';
import type { Draft } from './draft';
import { asEntered } from '../../shared/entered';

interface Known {
  units: Schema<'UnitSystem'>;
  /** The trip as it is now; null without one. */
  walk: PlanRequest | null;
  walkers: Kept<'walker'>[];
  tests: Kept<'sweat-test'>[];
  /** What the weakest is short already, % of body mass, as the log has it; null where it does not tell. */
  deficitPercent: number | null;
}

/** What is asked of the core about where the party stands. */
export function toTriage(
  draft: Draft,
  { units, walk, walkers, tests, deficitPercent }: Known,
): Request<'water-short'> {
  return {
    units,
    inHandL: asEntered(draft.inHandL),
    needLPerH: asEntered(draft.needLPerH),
    people: asEntered(draft.people),
    ...(walk === null && {
      walkers: walkers.map(({ id, body }) => ({ id, walker: body })),
      tests: tests.map(({ id, body }) => ({ id, test: body })),
    }),
    effort: draft.effort,
    walk,
    alongKm: walk ? asEntered(draft.alongKm) : null,
    sources: walk ? [] : typed(draft),
    helpHours: draft.noHelp ? null : asEntered(draft.helpHours),
    noHelp: draft.noHelp,
    // Not ticked, nobody has said that there is none.
    waterHere: draft.waterHere ? true : null,
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
    deficitPercent,
  };
}

function typed(draft: Draft): Schema<'NearSource'>[] {
  const ahead = {
    name: null,
    direction: 'ahead' as const,
    distanceKm: asEntered(draft.nextKm),
    chance: asEntered(draft.nextChance),
  };
  const behind = {
    name: null,
    direction: 'behind' as const,
    distanceKm: asEntered(draft.lastKm),
    chance: asEntered(draft.lastChance),
  };
  return [ahead, behind].filter((source) => source.distanceKm !== null);
}

import type { Schema } from '../../../core/contract';

type Remedy = Schema<'Remedy'>;
type Route = Schema<'TripRoute'>;
type Source = Schema<'TripSource'>;

/** Tells one remedy from another; two waters may have one name, and their remedies the same words. */
export function remedyKey({ kind, sourceId, day, hour, alongKm }: Remedy): string {
  return [kind, sourceId, day, hour, alongKm].join(' ');
}

/** What a remedy changes in the route; null where it changes none of it. */
export function remediedRoute(route: Route, remedy: Remedy): Partial<Route> | null {
  const onItsDay = (part: Partial<Schema<'RouteDay'>>): Partial<Route> => ({
    // A route without days has one.
    days: (route.days?.length ? route.days : [{}]).map((day, i) =>
      i === remedy.day ? { ...day, ...part } : day,
    ),
  });
  switch (remedy.kind) {
    case 'addContainer':
      return {
        containers: [
          ...(route.containers ?? []),
          { name: 'Further container', volumeL: remedy.litres ?? null },
        ],
      };
    case 'startHour':
      return onItsDay({ startHour: remedy.hour });
    case 'rest':
      return onItsDay({ rest: { fromHour: remedy.hour ?? null, hours: remedy.hours ?? null } });
    case 'moveCamp':
      return onItsDay({ endKm: remedy.alongKm });
    default:
      return null;
  }
}

/** What it changes in a source that is on the way already; null where it changes none. */
export function remediedSource(remedy: Remedy): Partial<Source> | null {
  switch (remedy.kind) {
    case 'drinkAtSource':
      return { drinkL: remedy.litres };
    case 'useSource':
      return { onlyIfNeeded: false };
    default:
      return null;
  }
}

/** The water it asks to leave on the way beforehand; null where it asks for none. */
export function leftBeforehand(remedy: Remedy, routeId: string): Source | null {
  if (remedy.kind !== 'cache') return null;
  return {
    name: 'Water left beforehand',
    class: 'tankOrTap',
    chance: 1,
    alongKm: remedy.alongKm ?? 0,
    cacheL: remedy.litres,
    routeId,
  };
}

import type { Schema } from '../../../core/contract';
import { keep } from '../../../store/records';
import { useStore } from '../../../store/StoreContext';
import { useTrip } from '../TripContext';

type Remedy = Schema<'Remedy'>;

/** Puts a remedy into the route or its sources; the plan follows by itself. */
export function useApplyRemedy(): (remedy: Remedy) => Promise<void> {
  const store = useStore();
  const { record, route, change, sources } = useTrip();

  const changeSource = async (id: string | null, part: Partial<Schema<'TripSource'>>) => {
    const source = sources.find((s) => s.id === id);
    if (!source) return;
    await keep(store.db, 'trip-source', { ...source.body, ...part }, source);
  };

  return async (remedy) => {
    switch (remedy.kind) {
      case 'addContainer':
        change({
          containers: [
            ...(route.containers ?? []),
            { name: 'Further container', volumeL: remedy.litres ?? null },
          ],
        });
        break;
      case 'startHour': {
        const days = route.days?.length ? route.days : [{}];
        change({ days: days.map((day, i) => (i === remedy.day ? { ...day, startHour: remedy.hour } : day)) });
        break;
      }
      case 'rest': {
        const days = route.days?.length ? route.days : [{}];
        const rest = { fromHour: remedy.hour ?? null, hours: remedy.hours ?? null };
        change({ days: days.map((day, i) => (i === remedy.day ? { ...day, rest } : day)) });
        break;
      }
      case 'moveCamp':
        change({
          days: (route.days ?? []).map((day, i) =>
            i === remedy.day ? { ...day, endKm: remedy.alongKm } : day,
          ),
        });
        break;
      case 'drinkAtSource':
        await changeSource(remedy.sourceId ?? null, { drinkL: remedy.litres });
        break;
      case 'useSource':
        await changeSource(remedy.sourceId ?? null, { onlyIfNeeded: false });
        break;
      case 'cache':
        await keep(
          store.db,
          'trip-source',
          {
            name: 'Water left beforehand',
            class: 'tankOrTap',
            chance: 1,
            alongKm: remedy.alongKm ?? 0,
            cacheL: remedy.litres,
            routeId: record.id,
          },
          { book: record.book },
        );
        break;
      default:
        return;
    }
    store.sync.nudge();
  };
}

import { useMemo, useState } from 'react';
import { number, object, string } from 'valibot';
import { useInHand } from './InHandContext';
import { enteredThing } from '../shared/localThing';
import { useRecords } from './useRecords';

/** Where on a route the party is, and how that is known. */
export interface Place {
  routeId: string;
  km: number;
  at: string;
  /** "Stockman’s beck", or how it was found. */
  by: string;
}

const kept = enteredThing<Place>('place', {
  version: 1,
  schema: object({ routeId: string(), km: number(), at: string(), by: string() }),
});

/** The newest of what the log tells of the place and what was found or chosen here. Null where neither tells. */
export function usePlace(): { place: Place | null; set: (place: Place) => void } {
  const told = useInHand()?.place;
  const sources = useRecords('trip-source');
  const [chosen, setChosen] = useState(() => kept.read());
  const fromLog = useMemo((): Place | null => {
    const source = sources?.find(({ id }) => id === told?.sourceId);
    if (!told || !source?.body.routeId) return null;
    return {
      routeId: source.body.routeId,
      km: source.body.alongKm ?? 0,
      at: told.at,
      by: source.body.name ?? 'A source',
    };
  }, [told, sources]);
  const set = (place: Place) => {
    kept.keep(place);
    setChosen(place);
  };
  return { place: newer(chosen, fromLog), set };
}

/** The later of two places; of two as late the one that was chosen. */
export function newer(chosen: Place | null, fromLog: Place | null): Place | null {
  if (chosen === null || fromLog === null) return chosen ?? fromLog;
  return Date.parse(fromLog.at) > Date.parse(chosen.at) ? fromLog : chosen;
}

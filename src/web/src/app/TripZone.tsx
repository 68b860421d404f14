import { Fragment, type ReactNode } from 'react';
import { useLocation } from 'react-router';
import { today } from '../shared/time';
import { deviceZone, speakZone, zoneNow } from '../shared/zone';
import { tripMeant } from '../store/tripMeant';
import { usePlace } from '../store/usePlace';
import { useCurrent } from '../store/useRecords';

/** Everything below speaks the time zone of the trip that is open, else of the one under way, else the device's. */
export function TripZone({ children }: { children: ReactNode }) {
  const { pathname } = useLocation();
  const routes = useCurrent('route');
  const { place } = usePlace();
  // Which zone it is hangs on the trips: drawn before they are read, everything would be drawn twice.
  if (routes === undefined) return null;
  speakZone(deviceZone);
  const trip = tripMeant(routes, pathname, place?.routeId ?? null, today());
  speakZone(trip?.body.timeZone);
  // What is on the screen is written anew in another zone.
  return <Fragment key={zoneNow()}>{children}</Fragment>;
}

import type { Plan, PlanRequest, Schema } from '../../../core/contract';

const gpx = 'http://www.topografix.com/GPX/1/1';

/** GPX 1.1: the line as a track, each place with a position as a waypoint that says what to do there. */
export function planGpx(
  name: string,
  points: Schema<'LineOnMapPoint'>[],
  plan: Plan,
  request: PlanRequest,
): string {
  const file = document.implementation.createDocument(gpx, 'gpx');
  const root = file.documentElement;
  root.setAttribute('version', '1.1');
  root.setAttribute('creator', 'Jolly Brook');
  const add = (parent: Element, tag: string, text?: string) => {
    const element = parent.appendChild(file.createElementNS(gpx, tag));
    if (text !== undefined) element.textContent = text;
    return element;
  };
  const at = (parent: Element, tag: string, point: Schema<'LineOnMapPoint'>) => {
    const element = add(parent, tag);
    element.setAttribute('lat', String(point.latitudeDeg));
    element.setAttribute('lon', String(point.longitudeDeg));
    add(element, 'ele', String(point.elevationM));
    return element;
  };

  add(add(root, 'metadata'), 'name', name);
  for (const stop of plan.stops) {
    const place = placeOf(stop, points, plan.lengthKm, request);
    if (!place) continue;
    const waypoint = at(root, 'wpt', place);
    add(waypoint, 'name', stop.name);
    add(waypoint, 'desc', [stop.words, stop.ifElse].filter(Boolean).join('. '));
  }
  if (points.length > 0) {
    const track = add(root, 'trk');
    add(track, 'name', name);
    const segment = add(track, 'trkseg');
    for (const point of points) at(segment, 'trkpt', point);
  }
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(file)}`;
}

/** A source's own position, else the line's at its distance. */
function placeOf(
  stop: Plan['stops'][number],
  points: Schema<'LineOnMapPoint'>[],
  lengthKm: number,
  request: PlanRequest,
): Schema<'LineOnMapPoint'> | null {
  const source = request.sources?.find((s) => s.id === stop.id)?.source;
  if (source?.latitudeDeg != null && source.longitudeDeg != null) {
    return {
      latitudeDeg: source.latitudeDeg,
      longitudeDeg: source.longitudeDeg,
      elevationM: stop.elevationM,
    };
  }
  return points[Math.round((stop.alongKm / lengthKm) * (points.length - 1))] ?? null;
}

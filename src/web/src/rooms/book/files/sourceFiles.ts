import type { Schema } from '../../../core/contract';
import type { Kept } from '../../../store/records';

const gpx = 'http://www.topografix.com/GPX/1/1';

type Source = Schema<'TripSource'>;

/** A place read from a file; what it was here before, where the file is one of ours. */
export interface PlaceRead {
  name: string;
  words: string;
  latitudeDeg: number;
  longitudeDeg: number;
  source: Partial<Source> | null;
}

/** GPX 1.1: a waypoint for each source, with what is known of it. */
export function sourcesGpx(sources: Kept<'trip-source'>[]): string {
  const file = document.implementation.createDocument(gpx, 'gpx');
  const root = file.documentElement;
  root.setAttribute('version', '1.1');
  root.setAttribute('creator', 'Jolly Brook');
  for (const { body } of sources) {
    const waypoint = root.appendChild(file.createElementNS(gpx, 'wpt'));
    waypoint.setAttribute('lat', String(body.latitudeDeg));
    waypoint.setAttribute('lon', String(body.longitudeDeg));
    const add = (tag: string, text: string) => {
      waypoint.appendChild(file.createElementNS(gpx, tag)).textContent = text;
    };
    add('name', body.name ?? '');
    add('desc', words(body));
    add('type', body.class ?? '');
  }
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(file)}`;
}

function words(body: Source): string {
  const said = [
    body.reportedFlowing === true ? 'running' : body.reportedFlowing === false ? 'dry' : null,
    body.reportedAt ? body.reportedAt.slice(0, 10) : null,
    body.doNotUse ? 'do not use' : null,
  ];
  return said.filter((s) => s !== null).join(', ');
}

/** GeoJSON (RFC 7946): a point for each source, with all that is known of it. */
export function sourcesGeoJson(sources: Kept<'trip-source'>[]): string {
  const features = sources.map(({ body }) => {
    const properties: Partial<Source> = { ...body };
    delete properties.routeId;
    return {
      type: 'Feature',
      geometry: { type: 'Point', coordinates: [body.longitudeDeg, body.latitudeDeg] },
      properties,
    };
  });
  return JSON.stringify({ type: 'FeatureCollection', features }, null, 2);
}

/** Places out of GPX or GeoJSON; a sentence when the file holds none that can be read. */
export function readPlaces(text: string): PlaceRead[] | string {
  const places = text.trimStart().startsWith('{') ? fromGeoJson(text) : fromGpx(text);
  if (places === null) return 'This is neither GPX nor GeoJSON. Choose a file with waypoints or points.';
  return places.length === 0 ? 'The file holds no waypoint and no point.' : places;
}

function fromGpx(text: string): PlaceRead[] | null {
  const file = new DOMParser().parseFromString(text, 'application/xml');
  if (file.getElementsByTagName('parsererror').length > 0 || file.documentElement.localName !== 'gpx')
    return null;
  return [...file.getElementsByTagNameNS('*', 'wpt')].flatMap((point) => {
    const inside = (tag: string) => point.getElementsByTagNameNS('*', tag)[0]?.textContent?.trim() ?? '';
    return place(
      inside('name'),
      `${inside('desc')} ${inside('cmt')} ${inside('type')}`,
      point.getAttribute('lat'),
      point.getAttribute('lon'),
      null,
    );
  });
}

interface Feature {
  geometry?: { type?: string; coordinates?: unknown[] } | null;
  properties?: Record<string, unknown> | null;
}

function fromGeoJson(text: string): PlaceRead[] | null {
  let file: { type?: string; features?: Feature[] } & Feature;
  try {
    file = JSON.parse(text) as typeof file;
  } catch {
    return null;
  }
  const features =
    file.type === 'FeatureCollection' ? file.features : file.type === 'Feature' ? [file] : null;
  if (!Array.isArray(features)) return null;
  return features.flatMap(({ geometry, properties }) => {
    if (geometry?.type !== 'Point' || !Array.isArray(geometry.coordinates)) return [];
    const [lon, lat] = geometry.coordinates;
    const said = (key: string) => (typeof properties?.[key] === 'string' ? properties[key] : '');
    const ours = properties && 'alongKm' in properties ? (properties as Partial<Source>) : null;
    return place(said('name'), `${said('desc')} ${said('class')}`, lat, lon, ours);
  });
}

function place(
  name: string,
  words: string,
  lat: unknown,
  lon: unknown,
  source: Partial<Source> | null,
): PlaceRead[] {
  const [latitudeDeg, longitudeDeg] = [Number(lat), Number(lon)];
  const there = lat !== null && lon !== null && Math.abs(latitudeDeg) <= 90 && Math.abs(longitudeDeg) <= 180;
  return there ? [{ name, words, latitudeDeg, longitudeDeg, source }] : [];
}

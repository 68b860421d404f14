// Makes the demo island's map file, public/island.pmtiles: coast, contours, streams and paths over the ground that the demo trip walks.
// Run by hand after the demo's ground has changed: node scripts/islandMap.mjs
import { readFileSync, writeFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { contours } from 'd3-contour';
import geojsonvt from 'geojson-vt';
import { zxyToTileId } from 'pmtiles';
import vtpbf from 'vt-pbf';

const trip = readFileSync(new URL('../../JollyBrook.Server/Demo/DemoTrip.cs', import.meta.url), 'utf8');
const constant = (name) => Number(new RegExp(`${name} = (-?[\\d.]+)`).exec(trip)[1]);
const start = { lat: constant('StartLatitude'), lon: constant('StartLongitude') };
const ground = [...trip.matchAll(/\((\d+\.\d+|0), (\d+)\)/g)].map(([, km, m]) => ({ km: +km, m: +m }));
const last = ground.at(-1).km;

const kmPerDegree = 111.2;
const lonScale = Math.cos((start.lat * Math.PI) / 180);
const toPlace = (east, north) => [
  start.lon + east / (kmPerDegree * lonScale),
  start.lat + north / kmPerDegree,
];

/** The demo's own line, as DemoTrip lays it. */
const lineAt = (km) => ({ east: 0.862 * km, north: 1.6 * Math.sin(km / 3.1) });
function heightOn(km) {
  const k = Math.min(last, Math.max(0, km));
  const i = Math.max(
    0,
    ground.findLastIndex((g) => g.km <= k),
  );
  const [from, to] = [ground[Math.min(i, ground.length - 2)], ground[Math.min(i, ground.length - 2) + 1]];
  const share = (k - from.km) / (to.km - from.km);
  return from.m + ((to.m - from.m) * (1 - Math.cos(Math.PI * share))) / 2;
}

/** Height in m: the walked ridge, falling off to a coast that bays and heads make crooked. */
function height(east, north) {
  const km = east / 0.862;
  const off = north - lineAt(km).north;
  const middle = (0.862 * last) / 2;
  const coast =
    5.4 + 1.9 * Math.sin(east / 3.7) + 1.1 * Math.sin(east / 1.6 + 2) + 0.6 * Math.sin(north * 1.3 + east);
  const ends = (middle + 2.2 - Math.abs(east - middle)) / 3;
  const share = Math.min(1 - (off / coast) ** 2, ends);
  const folds = 46 * Math.sin(east * 1.1 + 1.7 * Math.sin(north)) * Math.cos(north * 1.3 + east * 0.35);
  return (
    share * (heightOn(km) + 60) +
    folds * Math.max(0, Math.min(1, share * 2)) * (Math.abs(off) > 0.4 ? 1 : 0.2) -
    8
  );
}

const step = 0.2;
const west = -6;
const south = -11;
const columns = Math.round((0.862 * last + 12) / step);
const rows = Math.round(22 / step);
const grid = Float64Array.from({ length: columns * rows }, (_, i) =>
  height(west + (i % columns) * step, south + Math.floor(i / columns) * step),
);
const fromGrid = ([x, y]) => toPlace(west + (x - 0.5) * step, south + (y - 0.5) * step);
const make = contours().size([columns, rows]).smooth(true);
const rings = (level) =>
  make.contour([...grid], level).coordinates.map((polygon) => polygon.map((ring) => ring.map(fromGrid)));
const feature = (geometry, properties = {}) => ({ type: 'Feature', properties, geometry });
const collection = (features) => ({ type: 'FeatureCollection', features });

const earth = rings(0).map((coordinates) => feature({ type: 'Polygon', coordinates }));
const contourLines = [];
for (let level = 50; level < 1100; level += 50) {
  for (const polygon of rings(level))
    for (const coordinates of polygon)
      contourLines.push(feature({ type: 'LineString', coordinates }, { level }));
}

/** Water runs down the steepest way until it meets the sea or a hollow. */
function stream(east, north) {
  const points = [];
  let [x, y] = [east, north];
  for (let i = 0; i < 400; i++) {
    points.push(toPlace(x, y));
    const here = height(x, y);
    if (here < 0) break;
    const d = 0.05;
    const [dx, dy] = [
      (height(x + d, y) - height(x - d, y)) / (2 * d),
      (height(x, y + d) - height(x, y - d)) / (2 * d),
    ];
    const slope = Math.hypot(dx, dy);
    if (slope < 1) break;
    [x, y] = [x - (dx / slope) * 0.1, y - (dy / slope) * 0.1];
  }
  return points;
}
const streams = [];
for (let km = 1.5; km < last; km += 2.1) {
  for (const side of [-0.9, 0.9]) {
    const points = stream(0.862 * km, lineAt(km).north + side);
    if (points.length > 15) streams.push(feature({ type: 'LineString', coordinates: points }));
  }
}
const walked = Array.from({ length: Math.floor(last * 10) + 1 }, (_, i) => lineAt(i / 10));
const paths = [
  feature({ type: 'LineString', coordinates: walked.map(({ east, north }) => toPlace(east, north)) }),
];
for (const km of [11.5, 24.6, 41.5]) {
  const { east, north } = lineAt(km);
  paths.push(feature({ type: 'LineString', coordinates: stream(east, north - 0.3) }));
}

// Every tile of the layers, and the archive around them (PMTiles version 3).
const minZoom = 8;
const maxZoom = 12;
const layers = {
  earth: collection(earth),
  contours: collection(contourLines),
  streams: collection(streams),
  paths: collection(paths),
};
const indexes = Object.fromEntries(
  Object.entries(layers).map(([name, data]) => [
    name,
    geojsonvt(data, { maxZoom, indexMaxZoom: maxZoom, tolerance: 2, extent: 4096 }),
  ]),
);
const box = [toPlace(west, south), toPlace(west + columns * step, south + rows * step)];
const tileX = (lon, z) => Math.floor(((lon + 180) / 360) * 2 ** z);
const tileY = (lat, z) => {
  const r = (lat * Math.PI) / 180;
  return Math.floor(((1 - Math.log(Math.tan(r) + 1 / Math.cos(r)) / Math.PI) / 2) * 2 ** z);
};
const tiles = [];
for (let z = minZoom; z <= maxZoom; z++) {
  for (let x = tileX(box[0][0], z); x <= tileX(box[1][0], z); x++) {
    for (let y = tileY(box[1][1], z); y <= tileY(box[0][1], z); y++) {
      const present = Object.entries(indexes).flatMap(([name, index]) => {
        const tile = index.getTile(z, x, y);
        return tile && tile.features.length > 0 ? [[name, tile]] : [];
      });
      if (present.length === 0) continue;
      const bytes = Buffer.from(vtpbf.fromGeojsonVt(Object.fromEntries(present), { version: 2 }));
      tiles.push({ id: zxyToTileId(z, x, y), data: gzipSync(bytes, { level: 9 }) });
    }
  }
}
tiles.sort((a, b) => a.id - b.id);

const varint = (out, value) => {
  let rest = value;
  while (rest > 127) {
    out.push((rest % 128) | 128);
    rest = Math.floor(rest / 128);
  }
  out.push(rest);
};
const directory = [];
varint(directory, tiles.length);
tiles.forEach(({ id }, i) => varint(directory, id - (tiles[i - 1]?.id ?? 0)));
tiles.forEach(() => varint(directory, 1));
tiles.forEach(({ data }) => varint(directory, data.length));
// One after another: only the first has to say where it lies.
tiles.forEach((_, i) => varint(directory, i === 0 ? 1 : 0));
const root = gzipSync(Buffer.from(directory));
const metadata = gzipSync(
  Buffer.from(
    JSON.stringify({
      name: 'The demo island',
      vector_layers: Object.keys(layers).map((id) => ({ id, fields: {} })),
    }),
  ),
);
const data = Buffer.concat(tiles.map((tile) => tile.data));
const head = Buffer.alloc(127);
head.write('PMTiles', 0, 'latin1');
head.writeUInt8(3, 7);
let at = 127;
for (const [i, length] of [root.length, metadata.length, 0, data.length].entries()) {
  head.writeBigUInt64LE(BigInt(at), 8 + i * 16);
  head.writeBigUInt64LE(BigInt(length), 16 + i * 16);
  at += length;
}
for (let i = 0; i < 3; i++) head.writeBigUInt64LE(BigInt(tiles.length), 72 + i * 8);
const e7 = (degrees) => Math.round(degrees * 1e7);
[1, 2, 2, 1, minZoom, maxZoom].forEach((value, i) => head.writeUInt8(value, 96 + i));
[e7(box[0][0]), e7(box[0][1]), e7(box[1][0]), e7(box[1][1])].forEach((value, i) =>
  head.writeInt32LE(value, 102 + i * 4),
);
head.writeUInt8(10, 118);
head.writeInt32LE(e7((box[0][0] + box[1][0]) / 2), 119);
head.writeInt32LE(e7((box[0][1] + box[1][1]) / 2), 123);
const file = Buffer.concat([head, root, metadata, data]);
writeFileSync(new URL('../public/island.pmtiles', import.meta.url), file);
console.log(`${tiles.length} tiles, ${(file.length / 1000).toFixed(0)} kB`);

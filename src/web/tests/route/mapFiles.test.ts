import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { PMTiles, TileType, type RangeResponse, type Source } from 'pmtiles';
import { expect, test } from 'vitest';
import { keepMapFile, mapFiles } from '../../src/store/mapFiles';

const island = readFileSync(new URL('../../public/island.pmtiles', import.meta.url));

/** A file as a browser hands it over. */
class InMemory implements Source {
  getKey = () => 'island';
  getBytes = (offset: number, length: number): Promise<RangeResponse> =>
    Promise.resolve({ data: new Uint8Array(island.subarray(offset, offset + length)).buffer });
}

test('the demo island’s map is a whole archive of drawn tiles around the demo trip', async () => {
  const archive = new PMTiles(new InMemory());
  const header = await archive.getHeader();
  expect(header.tileType).toBe(TileType.Mvt);
  // The walk goes from 46.205° N, 28.742° W some 45 km to the east.
  expect(header.minLon).toBeLessThan(-28.742);
  expect(header.maxLon).toBeGreaterThan(-28.16);
  expect(header.minLat).toBeLessThan(46.19);
  expect(header.maxLat).toBeGreaterThan(46.22);
  const metadata = (await archive.getMetadata()) as { vector_layers: { id: string }[] };
  expect(metadata.vector_layers.map(({ id }) => id)).toEqual(['earth', 'contours', 'streams', 'paths']);
  // The tile of the start at zoom 12.
  const x = Math.floor(((-28.742 + 180) / 360) * 2 ** 12);
  const r = (46.205 * Math.PI) / 180;
  const y = Math.floor(((1 - Math.log(Math.tan(r) + 1 / Math.cos(r)) / Math.PI) / 2) * 2 ** 12);
  expect((await archive.getZxy(12, x, y))!.data.byteLength).toBeGreaterThan(200);
});

test('a map file is kept with its name and size; anything else is refused in words and nothing is kept', async () => {
  const id = await keepMapFile(new File([island], 'North side.pmtiles'));
  expect(await mapFiles.files.get(id)).toMatchObject({ name: 'North side', bytes: island.byteLength });
  await expect(keepMapFile(new File(['not a map'], 'holiday.jpg'))).rejects.toThrow(
    'holiday.jpg is no PMTiles map of version 3.',
  );
  expect(await mapFiles.files.count()).toBe(1);
});

import Dexie, { type Table } from 'dexie';
import { v7 } from 'uuid';

/** A map file of the person's own, kept on this device. */
export interface MapFile {
  id: string;
  name: string;
  bytes: number;
  file: Blob;
}

/** Map files by themselves: they are large, belong to nobody's book, and are never sent. */
class MapFiles extends Dexie {
  files!: Table<MapFile, string>;

  constructor() {
    super('jolly-brook-maps');
    this.version(1).stores({ files: 'id' });
  }
}

export const mapFiles = new MapFiles();

/** The first bytes of a PMTiles archive of the third version. */
const sign = 'PMTiles\u0003';

/** Keeps a map file. Throws in words where it is none. */
export async function keepMapFile(file: File): Promise<string> {
  const start = new TextDecoder('latin1').decode(await file.slice(0, 8).arrayBuffer());
  if (start !== sign)
    throw new Error(
      `${file.name} is no PMTiles map of version 3. Export the region as PMTiles, drawn or as pictures, and add that file.`,
    );
  const id = v7();
  await mapFiles.files.add({ id, name: file.name.replace(/\.pmtiles$/i, ''), bytes: file.size, file });
  return id;
}

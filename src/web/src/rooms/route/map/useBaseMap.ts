import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { object, string } from 'valibot';
import { enteredThing } from '../../../shared/localThing';
import { useIslandMap } from './useIslandMap';
import { keepMapFile, mapFiles, type MapFile } from '../../../store/mapFiles';

const kept = enteredThing('base-map', { version: 1, schema: object({ id: string() }) });
const noFiles: MapFile[] = [];

/** Which map file lies under the line, and the files there are. */
export function useBaseMap() {
  const files = useLiveQuery(() => mapFiles.files.toArray(), []) ?? noFiles;
  const [used, setUsed] = useState(() => kept.read()?.id ?? null);
  const [wrong, setWrong] = useState<string | null>(null);
  const choose = (id: string | null) => {
    if (id === null) kept.forget();
    else kept.keep({ id });
    setUsed(id);
  };
  const add = async (file: File) => {
    try {
      setWrong(null);
      choose(await keepMapFile(file));
    } catch (error) {
      setWrong(
        error instanceof DOMException || (error as Error).name === 'QuotaExceededError'
          ? `${file.name} could not be kept: there is no room for it on this device. Remove another map, or take a smaller region.`
          : (error as Error).message,
      );
    }
  };
  const remove = async (id: string) => {
    if (id === used) choose(null);
    await mapFiles.files.delete(id);
  };
  useIslandMap(add);
  return { file: files.find(({ id }) => id === used) ?? null, files, choose, add, remove, wrong };
}

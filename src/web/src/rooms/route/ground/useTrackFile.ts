import { useState } from 'react';
import type { ReadRoute, Request } from '../../../core/contract';
import { useReading } from '../../../core/useReading';
import { today } from '../../../shared/time';
import { useSettings } from '../../../store/LocalDataContext';

/** What a file dialog offers first. */
export const trackFiles =
  '.gpx,.kml,.kmz,.geojson,.json,.zip,.gz,application/gpx+xml,application/geo+json,application/zip,application/gzip';

type Choices = Pick<Request<'read-route'>, 'line' | 'startM' | 'upM' | 'downM'>;

/** A track file that is open: what it holds, and reading it again with another line of it or with climb by hand. */
export function useTrackFile() {
  const { units } = useSettings().settings;
  const { busy, wrong, read } = useReading('read-route');
  const [open, setOpen] = useState<{ file: File; choices: Choices; ground: ReadRoute } | null>(null);
  const take = async (file: File, choices: Choices = {}) => {
    const ground = await read(file, { units, today: today(), ...choices });
    if (ground) setOpen({ file, choices, ground });
  };
  return {
    busy,
    wrong,
    ground: open?.ground ?? null,
    /** Its own name for the walk, else the file's. */
    name: open ? open.ground.name || open.file.name.replace(/\.[^.]+$/, '') : '',
    take: (file: File) => take(file),
    again: (part: Choices) => open && take(open.file, { ...open.choices, ...part }),
    close: () => setOpen(null),
  };
}

import { useEffect } from 'react';
import { literal, object } from 'valibot';
import { enteredThing } from '../../../shared/localThing';
import { useStore } from '../../../store/StoreContext';

const kept = enteredThing('island-map-taken', { version: 1, schema: object({ taken: literal(true) }) });

/** Beside demo data its island's own small map is taken onto the device once, as a person would add theirs. */
export function useIslandMap(add: (file: File) => Promise<void>) {
  const { demo } = useStore();
  useEffect(() => {
    if (!demo || kept.read() !== null) return;
    kept.keep({ taken: true });
    void fetch('/island.pmtiles')
      .then((answer) => (answer.ok ? answer.blob() : null))
      .then((blob) => (blob === null ? undefined : add(new File([blob], 'The demo island.pmtiles'))))
      // Without a signal the line stands on plain paper.
      .catch(() => undefined);
    // Once for the device.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [demo]);
}

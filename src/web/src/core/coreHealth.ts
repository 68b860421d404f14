import { held } from '../shared/held';
import { messageOf } from '../shared/messageOf';
import { Abandoned } from './Abandoned';

const failure = held<string | null>(null);

/** Whether the core can be asked at all, for everything that shows an answer of its. */
export const coreHealth = {
  /** Why nothing can be worked out just now; null while it can. */
  current: failure.current,
  subscribe: failure.subscribe,
  /** Follows what was asked of the core: a failure stands until something is answered again. */
  follow: (asked: Promise<unknown>) => {
    void asked.then(
      () => failure.put(null),
      (error: unknown) => {
        if (!(error instanceof Abandoned)) failure.put(messageOf(error));
      },
    );
  },
};

import { messageOf } from '../shared/messageOf';

// Whether the core can be asked at all, for everything that shows an answer of its.

let failure: string | null = null;
const listeners = new Set<() => void>();

function put(next: string | null) {
  if (next === failure) return;
  failure = next;
  for (const tell of listeners) tell();
}

export const coreHealth = {
  /** Why nothing can be worked out just now; null while it can. */
  current: () => failure,
  subscribe: (tell: () => void) => {
    listeners.add(tell);
    return () => void listeners.delete(tell);
  },
  /** Follows what was asked of the core: a failure stands until something is answered again. */
  follow: (asked: Promise<unknown>) => {
    void asked.then(
      () => put(null),
      (error: unknown) => put(messageOf(error)),
    );
  },
};

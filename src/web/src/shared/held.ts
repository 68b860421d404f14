import { useSyncExternalStore } from 'react';

/** A value of the whole page, kept outside React; whoever shows it is told when it changes. */
export interface Held<T> {
  current: () => T;
  subscribe: (tell: () => void) => () => void;
  put: (next: T) => void;
}

export function held<T>(first: T): Held<T> {
  let value = first;
  const listeners = new Set<() => void>();
  return {
    current: () => value,
    subscribe: (tell) => {
      listeners.add(tell);
      return () => void listeners.delete(tell);
    },
    put: (next) => {
      if (Object.is(next, value)) return;
      value = next;
      for (const tell of listeners) tell();
    },
  };
}

/** The value as it is, drawn anew when it changes. */
export function useHeld<T>({ subscribe, current }: Pick<Held<T>, 'subscribe' | 'current'>): T {
  return useSyncExternalStore(subscribe, current);
}

import { held, type Held } from '../shared/held';

/** A part of the program that is fetched when it is wanted; null until it is here. */
export interface Part<M> extends Pick<Held<M | null>, 'current' | 'subscribe'> {
  /** Rejects where it can't be had; the next to ask tries again. */
  fetch: () => Promise<M>;
}

export function partOf<M>(load: () => Promise<M>): Part<M> {
  const { current, subscribe, put } = held<M | null>(null);
  const fetch = async () => {
    const part = current() ?? (await load());
    put(part);
    return part;
  };
  return { current, subscribe, fetch };
}

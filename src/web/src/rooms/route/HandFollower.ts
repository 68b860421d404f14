import { isServerTrusted } from '../../core/serverCore';

/** A hand that has not moved for so long, nor by the next frame, rests, ms: a page that was busy has taken its moves by then. */
export const restMs = 10;

/** Asks for the plan of a change, and settles with its answer; gives it up where another takes its place. It does not reject. */
export type Ask<T> = (held: T, gone: AbortSignal) => Promise<unknown>;

/**
 * What is planned of a change that a hand still holds: the newest as soon as the one before is answered, before that is drawn; and at once
 * where the hand rests, instead of the one before. That is done once between two answers, so that a slow hand is followed, too.
 */
export class HandFollower<T> {
  readonly #show: (planned: T | null) => void;
  #newest: T | null = null;
  #asked: { held: T; gone: AbortController } | null = null;
  #hasOvertaken = false;
  #resting?: ReturnType<typeof setTimeout>;

  /** @param show Takes what is planned now; null for nothing. */
  constructor(show: (planned: T | null) => void) {
    this.#show = show;
  }

  /**
   * The hand is elsewhere.
   *
   * @param held Where; null where it let go. Nothing is planned while held where a plan takes longer than a hand waits.
   */
  look(held: T | null, ask: Ask<T>) {
    clearTimeout(this.#resting);
    this.#newest = held !== null && isServerTrusted() ? held : null;
    if (this.#newest === null) {
      [this.#asked, this.#hasOvertaken] = [null, false];
      this.#show(null);
    } else if (this.#asked === null) {
      this.#put(this.#newest, ask);
    } else if (!this.#hasOvertaken) {
      this.#resting = setTimeout(() => requestAnimationFrame(() => this.#overtake(held, ask)), restMs);
    }
  }

  #put(held: T, ask: Ask<T>) {
    const asked = { held, gone: new AbortController() };
    this.#asked = asked;
    this.#show(held);
    void ask(held, asked.gone.signal).then(() => {
      // One whose place was taken, or that was let go of.
      if (this.#asked !== asked) return;
      [this.#asked, this.#hasOvertaken] = [null, false];
      if (this.#newest !== null && this.#newest !== held) this.#put(this.#newest, ask);
    });
  }

  #overtake(rests: T | null, ask: Ask<T>) {
    if (rests === null || this.#newest !== rests || this.#asked === null || this.#asked.held === rests)
      return;
    this.#hasOvertaken = true;
    this.#asked.gone.abort();
    this.#put(rests, ask);
  }
}

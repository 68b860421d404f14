interface Trying<T> {
  attempt: () => Promise<T>;
  worked: (got: T) => void;
  /** Told after each try that came to nothing; the next one follows by itself. */
  failed?: (trouble: unknown) => void;
  /** From the end of the first try that came to nothing to the next; each later wait is twice as long. */
  firstWaitMs: number;
  longestWaitMs: number;
}

/**
 * Tries until it works: at once, after each wait, and as soon as there is a signal or somebody looks. One try runs at a time.
 *
 * @returns Ends the trying; what comes of a try under way is told to nobody.
 */
export function tryUntilItWorks<T>({
  attempt,
  worked,
  failed,
  firstWaitMs,
  longestWaitMs,
}: Trying<T>): () => void {
  let waitMs = firstWaitMs;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isTrying = false;
  let isOver = false;

  const end = () => {
    isOver = true;
    clearTimeout(timer);
    window.removeEventListener('online', tryNow);
    document.removeEventListener('visibilitychange', tryNow);
  };
  const succeed = (got: T) => {
    if (isOver) return;
    end();
    worked(got);
  };
  const fail = (trouble: unknown) => {
    isTrying = false;
    if (isOver) return;
    failed?.(trouble);
    timer = setTimeout(tryNow, waitMs);
    waitMs = Math.min(longestWaitMs, waitMs * 2);
  };
  const tryNow = () => {
    if (isTrying || isOver) return;
    clearTimeout(timer);
    isTrying = true;
    void attempt().then(succeed, fail);
  };

  window.addEventListener('online', tryNow);
  document.addEventListener('visibilitychange', tryNow);
  tryNow();
  return end;
}

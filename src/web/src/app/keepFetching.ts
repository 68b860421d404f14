/** How long after a try that came to nothing the next one follows, ms. */
const againMs = 5_000;

/** Fetches until it is here: again after a while, and as soon as there is a signal. */
export function keepFetching(fetch: () => Promise<unknown>): Promise<void> {
  return new Promise((done) => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let isFetching = false;
    const attempt = async () => {
      clearTimeout(timer);
      isFetching = true;
      try {
        await fetch();
        window.removeEventListener('online', tryNow);
        done();
      } catch {
        timer = setTimeout(tryNow, againMs);
      } finally {
        isFetching = false;
      }
    };
    const tryNow = () => {
      if (!isFetching) void attempt();
    };
    window.addEventListener('online', tryNow);
    tryNow();
  });
}

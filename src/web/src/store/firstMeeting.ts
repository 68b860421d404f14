import { NotOurServer, type Heard } from './api';

/** Why nobody has been told who is signed in. */
export type Missed = 'noServer' | 'notOurServer';

const shortestWaitMs = 1_000;
const longestWaitMs = 8_000;

interface Meeting {
  ask: () => Promise<Heard>;
  met: (heard: Heard) => void;
  /** Told after each try that came to nothing; the next one follows by itself. */
  missed: (why: Missed) => void;
}

/**
 * Asks who is signed in until the server says so: at once, then less and less often, and as soon as there is a signal or somebody looks.
 *
 * @returns Ends the asking.
 */
export function firstMeeting({ ask, met, missed }: Meeting): () => void {
  let waitMs = shortestWaitMs;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isAsking = false;
  let isOver = false;

  const end = () => {
    isOver = true;
    clearTimeout(timer);
    window.removeEventListener('online', tryNow);
    document.removeEventListener('visibilitychange', tryNow);
  };

  const attempt = async () => {
    clearTimeout(timer);
    isAsking = true;
    try {
      const heard = await ask();
      if (isOver) return;
      end();
      met(heard);
    } catch (trouble) {
      if (isOver) return;
      missed(trouble instanceof NotOurServer ? 'notOurServer' : 'noServer');
      timer = setTimeout(tryNow, waitMs);
      waitMs = Math.min(longestWaitMs, waitMs * 2);
    } finally {
      isAsking = false;
    }
  };
  const tryNow = () => {
    if (!isAsking && !isOver) void attempt();
  };

  window.addEventListener('online', tryNow);
  document.addEventListener('visibilitychange', tryNow);
  tryNow();
  return end;
}

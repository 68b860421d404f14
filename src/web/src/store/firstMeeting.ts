import { tryUntilItWorks } from '../shared/tryUntilItWorks';
import { NotOurServer, type Heard } from './api';

/** Why nobody has been told who is signed in. */
export type Missed = 'noServer' | 'notOurServer';

interface Meeting {
  ask: () => Promise<Heard>;
  met: (heard: Heard) => void;
  /** Told after each try that came to nothing; the next one follows by itself. */
  missed: (why: Missed) => void;
}

/**
 * Asks who is signed in until the server says so: less and less often, but every eight seconds at least.
 *
 * @returns Ends the asking.
 */
export function firstMeeting({ ask, met, missed }: Meeting): () => void {
  return tryUntilItWorks({
    attempt: ask,
    worked: met,
    failed: (trouble) => missed(trouble instanceof NotOurServer ? 'notOurServer' : 'noServer'),
    firstWaitMs: 1_000,
    longestWaitMs: 8_000,
  });
}

/** What a program that waits on this device needs to know of it, to be let in. */
export type WaitingProgram = Pick<
  ServiceWorker,
  'state' | 'postMessage' | 'addEventListener' | 'removeEventListener'
>;

const askAgainMs = 2_000;
// The program at work gives way once it has had nothing to do for half a minute.
const heldAfterMs = 45_000;

/**
 * Asks a waiting program to take over until it has: a message to a program that is only being started may be lost, and one that is
 * still at work in an older tab may hold it up.
 * @param waiting The program.
 * @param taken Once it has taken over, also where another tab let it in.
 * @param held Once it has been kept waiting for three quarters of a minute; it is still asked.
 */
export function takeOver(waiting: WaitingProgram, taken: () => void, held: () => void) {
  const ask = () => waiting.postMessage({ type: 'SKIP_WAITING' });
  const asking = setInterval(ask, askAgainMs);
  const patience = setTimeout(held, heldAfterMs);
  const look = () => {
    if (waiting.state !== 'activated' && waiting.state !== 'redundant') return;
    clearInterval(asking);
    clearTimeout(patience);
    waiting.removeEventListener('statechange', look);
    // One that was replaced by a newer one still is no longer waited for either: the page begins anew with what there is.
    taken();
  };
  waiting.addEventListener('statechange', look);
  ask();
}

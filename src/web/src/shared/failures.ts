import { held } from './held';

/** Tells the screen that something was not kept, so that nothing is taken for done that is not. */
const message = held<string | null>(null);

function wordsFor(error: unknown): string {
  const name = error instanceof Error ? `${error.name} ${error.message}` : '';
  return /quota/i.test(name)
    ? 'Not kept: this device has no room left. Free some space, then do it again. What was kept before is still there.'
    : 'Not kept: this browser would not store it. Do it again; if it stays so, reload the page.';
}

export const failures = {
  subscribe: message.subscribe,
  current: message.current,
  clear: () => message.put(null),
  report: (error: unknown) => message.put(wordsFor(error)),
  tell: (words: string) => message.put(words),
};

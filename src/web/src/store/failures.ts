/** Tells the screen that something was not kept, so that nothing is taken for done that is not. */
let message: string | null = null;
const listeners = new Set<() => void>();

function set(next: string | null) {
  message = next;
  for (const listener of listeners) listener();
}

function wordsFor(error: unknown): string {
  const name = error instanceof Error ? `${error.name} ${error.message}` : '';
  return /quota/i.test(name)
    ? 'Not kept: this device has no room left. Free some space, then do it again. What was kept before is still there.'
    : 'Not kept: this browser would not store it. Do it again; if it stays so, reload the page.';
}

export const failures = {
  subscribe: (listener: () => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  current: () => message,
  clear: () => set(null),
  report: (error: unknown) => set(wordsFor(error)),
  tell: (words: string) => set(words),
};

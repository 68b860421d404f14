import type { Problem } from '../core/contract';

/** What a problem says, each sentence once, with how often it holds where that is more than once. */
export function saidOnce(problem: Problem | null): string[] {
  const times = new Map<string, number>();
  for (const { message } of problem?.errors ?? []) times.set(message, (times.get(message) ?? 0) + 1);
  return [...times].map(([message, count]) => (count === 1 ? message : `${message} (${count} times)`));
}

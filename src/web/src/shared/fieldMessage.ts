import type { Problem } from '../core/contract';

/** What a problem says about one field; undefined when nothing. */
export function fieldMessage(problem: Problem | null, field: string): string | undefined {
  return problem?.errors.find((error) => error.field === field)?.message;
}

/** What a problem says that no field of a form shows; null when nothing is left. */
export function otherMessage(problem: Problem | null, shown: string[]): string | null {
  if (problem === null) return null;
  const rest = problem.errors.filter((error) => !shown.includes(error.field));
  if (problem.errors.length === 0) return problem.detail;
  return rest.length === 0 ? null : rest.map((error) => error.message).join(' ');
}

import type { Problem } from '../../core/contract';
import { fieldMessage } from '../../shared/fieldMessage';

/** What is wrong with a field of the request, or undefined. */
export type FieldErrors = (field: string) => string | undefined;

export function fieldErrors(problem: Problem | null): FieldErrors {
  return (field) => fieldMessage(problem, field);
}

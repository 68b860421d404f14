import type { Problem } from '../../core/contract';

/** What is wrong with a field of the request, or undefined. */
export type FieldErrors = (field: string) => string | undefined;

export function fieldErrors(problem: Problem | null): FieldErrors {
  return (field) => problem?.errors.find((error) => error.field === field)?.message;
}

import { custom, nullable, number, string, union, type InferOutput } from 'valibot';

/** A number as it stands in a form: in the inside unit, text that is no number, or null for not known. */
export type Entry = InferOutput<typeof entry>;
export const entry = nullable(union([number(), string()]));

/**
 * An entry on its way to the core. Text that is no number goes as it was typed: the core answers with the
 * field, what is allowed and what to do. The contract has no type for that, so it is said here, once.
 */
export const asEntered = (entry: Entry) => entry as number | null;

/** A part of a request that a form fills in. What stands in its fields the core checks, and names the one that can't be. */
export const requestPart = <T extends object>() =>
  custom<T>((part) => typeof part === 'object' && part !== null && !Array.isArray(part));

/** A choice of the contract that has no name of its own there: whether it is one still, the core says. */
export const choiceOf = <T extends string>() => custom<T>((choice) => typeof choice === 'string');

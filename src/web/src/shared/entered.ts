/** A number as it stands in a form: in the inside unit, text that is no number, or null for not known. */
export type Entry = number | string | null;

/**
 * An entry on its way to the core. Text that is no number goes as it was typed: the core answers with the
 * field, what is allowed and what to do. The contract has no type for that, so it is said here, once.
 */
export const asEntered = (entry: Entry) => entry as number | null;

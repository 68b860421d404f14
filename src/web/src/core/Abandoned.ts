/** Why a calculation has no answer: another took its place, and nobody waits for it any more. */
export class Abandoned extends Error {}

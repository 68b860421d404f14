import type { Schema } from '../../core/contract';

type Day = Schema<'DayBook'>;

/** What the plan says as long as no hand has changed it; null in a kept day. */
const fromPlan = ['from', 'wants', 'water', 'snow', 'sky'] as const;

/** An evening as it stands: what a hand changed, and the plan for the rest. */
export function overPlan(own: Day, planned: Day): Day {
  // A day never changed has no name of its own yet.
  if (own.name === null) return { ...planned, follows: own.follows ?? null };
  const parts = Object.fromEntries(fromPlan.map((part) => [part, own[part] ?? planned[part]]));
  return { ...planned, ...own, people: own.people ?? planned.people, ...parts };
}

/** What is to be kept once a day as it stands is changed into another: parts untouched go on following the plan. */
export function changedBy(own: Day, stands: Day, next: Day): Day {
  const parts = Object.fromEntries(
    fromPlan.map((part) => [part, next[part] === stands[part] ? (own[part] ?? null) : next[part]]),
  );
  return { ...next, ...parts };
}

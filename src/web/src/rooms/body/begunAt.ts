/** When a walk that was weighed before began, while it may still be a sweat test; null otherwise. */
export function begunAt(
  weighedAt: string | null | undefined,
  now: string,
  longestHours: number,
): string | null {
  if (!weighedAt) return null;
  const since = Date.parse(now) - Date.parse(weighedAt);
  // The clock shows whole minutes: what was weighed within this one is a little ahead of it.
  return since > -60_000 && since <= longestHours * 3_600_000 ? weighedAt : null;
}

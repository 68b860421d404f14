/** Whether two values say the same as JSON, in whatever order their properties stand. */
export function sameJson(left: unknown, right: unknown): boolean {
  if (Object.is(left, right)) return true;
  if (typeof left !== 'object' || typeof right !== 'object' || left === null || right === null) return false;
  if (Array.isArray(left) !== Array.isArray(right)) return false;
  const [ofLeft, ofRight] = [entriesOf(left), entriesOf(right)];
  return (
    ofLeft.length === ofRight.length &&
    ofLeft.every(
      ([key, value]) => Object.hasOwn(right, key) && sameJson(value, (right as Record<string, unknown>)[key]),
    )
  );
}

/** What is undefined is not in the JSON at all. */
function entriesOf(value: object): [string, unknown][] {
  return Object.entries(value).filter(([, v]) => v !== undefined);
}

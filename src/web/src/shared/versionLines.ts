/** One field of a record in both versions. */
export interface Line {
  path: string;
  name: string;
  mine: string;
  theirs: string;
  differs: boolean;
}

/** Two versions of a record field by field; fields empty in both are left out. */
export function lines(mine: unknown, theirs: unknown): Line[] {
  const [a, b] = [flat(mine), flat(theirs)];
  return [...new Set([...a.keys(), ...b.keys()])].map((path) => {
    const [left, right] = [a.get(path) ?? '—', b.get(path) ?? '—'];
    return { path, name: nameOf(path), mine: left, theirs: right, differs: left !== right };
  });
}

function flat(value: unknown, path = ''): Map<string, string> {
  if (value === null || value === undefined) return new Map();
  if (typeof value !== 'object') return new Map([[path, wordFor(value)]]);
  return new Map(
    Object.entries(value).flatMap(([key, inner]) => [...flat(inner, path ? `${path}.${key}` : key)]),
  );
}

function wordFor(value: unknown): string {
  if (value === true) return 'yes';
  if (value === false) return 'no';
  return String(value);
}

/** "ratedFlowLPerMin" reads "rated flow L per min". */
function nameOf(path: string): string {
  const last = path.split('.').at(-1)!;
  const words = last.replace(/([a-z0-9])([A-Z])/g, '$1 $2').replace(/([A-Z])([A-Z][a-z])/g, '$1 $2');
  const spoken = words
    .split(' ')
    .map((word, i) => (i > 0 && word.length === 1 ? word : word.toLowerCase()))
    .join(' ');
  return spoken.charAt(0).toUpperCase() + spoken.slice(1);
}

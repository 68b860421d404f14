// What the functions of a WebAssembly module call, and which numbers stand in them.
import binaryen from 'binaryen';

/**
 * The functions in the order they were linked, by the names their build gave them: whom each calls, which numbers it holds (an address is
 * one of them), and whose address is taken.
 */
export function readFunctions(module, names) {
  const functions = new Map();
  const addressed = new Set();
  let current = null;
  let count = 0;
  for (const line of module.emitText().split('\n')) {
    const begun = /^ \((?:import .*\()?func \$([^\s)]+)/.exec(line);
    if (begun) {
      current = {
        id: begun[1],
        name: names[count],
        linked: count++,
        lines: 0,
        calls: new Set(),
        numbers: new Set(),
      };
      functions.set(current.id, current);
    } else if (line.startsWith(' (')) {
      current = null;
      if (line.startsWith(' (elem ')) for (const [, id] of line.matchAll(/\$([^\s)]+)/g)) addressed.add(id);
    } else if (current) {
      current.lines++;
      for (const [, id] of line.matchAll(/\((?:return_)?call \$([^\s)]+)/g)) current.calls.add(id);
      for (const [, number] of line.matchAll(/(?:i32\.const |offset=)(\d+)/g))
        current.numbers.add(Number(number));
    }
  }
  if (count !== names.length)
    throw new Error(
      `The runtime has ${count} functions and ${names.length} names: they are not of one build.`,
    );
  return { functions, addressed };
}

/** Functions that the page may call, but for one. */
export function exportedFunctions(module, except) {
  return Array.from({ length: module.getNumExports() }, (_, i) =>
    binaryen.getExportInfo(module.getExportByIndex(i)),
  )
    .filter(({ kind, name }) => kind === binaryen.ExternalFunction && name !== except)
    .map(({ value }) => value);
}

/** What is reached from the given functions by calls. */
export function reached(functions, from) {
  const seen = new Set(from);
  for (const id of seen) for (const called of functions.get(id).calls) seen.add(called);
  return seen;
}

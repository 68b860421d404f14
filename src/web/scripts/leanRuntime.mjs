// Takes out of the .NET runtime what this program never runs, and a first visit would fetch: the Unicode library (ICU) and the time zones.
// The core is built without either (InvariantGlobalization, InvariantTimezone); the runtime as it is shipped holds them all the same, a
// third of its code. A function of the library is taken out where only the library can reach it: by a direct call, or by an address in the
// table that is only ever taken by the library itself.
import binaryen from 'binaryen';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const framework = new URL('../public/_framework/', import.meta.url).pathname;
const symbols = new URL('../../../artifacts/browser/dotnet.native.js.symbols', import.meta.url).pathname;

const inUnicodeLibrary =
  /^(non-virtual\\20thunk\\20to\\20)?icu::|^GlobalizationNative_|^(u|uc|ucase|uchar|ucnv|ucol|ubrk|unum|uloc|ulocimp|ures|uprv|utrie|utrie2|ucal|unorm|unorm2|ucptrie|umutablecptrie|uhash|ustr|ustrcase|udat|udatpg|uset|udata|umtx|usearch|uscript|utext|ubidi|uplrules|ucurr|uregion|ucln|ultag|uenum|uidna)_/;
const loadsUnicodeData = 'mono_wasm_load_icu_data';

// The linker makes one of functions that are alike, under one of their names: a small one may be anybody's.
const leastLinesOfItsOwn = 15;

// What it is built with; were more allowed, it would be written as no browser but the newest reads it.
const { MutableGlobals, NontrappingFPToInt, BulkMemory, BulkMemoryOpt, SIMD128, SignExt, ExceptionHandling } =
  binaryen.Features;
const ofTheRuntime =
  MutableGlobals | NontrappingFPToInt | BulkMemory | BulkMemoryOpt | SIMD128 | SignExt | ExceptionHandling;

/** The functions of the runtime by the names its build gave them, whom each calls, and whose address is taken. */
function read(module, names) {
  const functions = new Map();
  const addressed = new Set();
  let current = null;
  let count = 0;
  for (const line of module.emitText().split('\n')) {
    const begun = /^\s*(?:\(import .*)?\(func \$([^\s)]+)/.exec(line);
    if (begun) {
      current = { id: begun[1], name: names[count++], lines: 0, calls: new Set() };
      functions.set(current.id, current);
    } else if (line.startsWith(' (elem ')) {
      for (const [, id] of line.matchAll(/\$([^\s)]+)/g)) addressed.add(id);
    } else if (current) {
      current.lines++;
      for (const [, id] of line.matchAll(/\((?:return_)?call \$([^\s)]+)/g)) current.calls.add(id);
    }
  }
  if (count !== names.length)
    throw new Error(
      `The runtime has ${count} functions and ${names.length} names: they are not of one build.`,
    );
  return { functions, addressed };
}

function exportedFunctions(module) {
  return Array.from({ length: module.getNumExports() }, (_, i) =>
    binaryen.getExportInfo(module.getExportByIndex(i)),
  )
    .filter(({ kind, name }) => kind === binaryen.ExternalFunction && name !== loadsUnicodeData)
    .map(({ value }) => value);
}

/** What is reached from the given functions by calls. */
function reached(functions, from) {
  const seen = new Set(from);
  for (const id of seen) for (const called of functions.get(id).calls) seen.add(called);
  return seen;
}

/** Functions with an address that nothing but the Unicode library goes to. */
function dispensable({ functions, addressed }, exported) {
  const isLibrary = ({ name, lines }) => inUnicodeLibrary.test(name) && lines >= leastLinesOfItsOwn;
  const callsLibrary = ({ calls }) => [...calls].some((id) => isLibrary(functions.get(id)));
  const isCxx = ({ name }) => /^(std::|__cx)/.test(name);
  const isUnneeded = (its) => isLibrary(its) || (callsLibrary(its) && !isCxx(its));
  const [unneeded, needed] = [[], []];
  for (const id of addressed) (isUnneeded(functions.get(id)) ? unneeded : needed).push(id);
  const kept = reached(functions, [...exported, ...needed]);
  return unneeded.filter((id) => !kept.has(id));
}

/** The pieces of memory that the runtime begins with, as views of the file. */
function* dataSegments(bytes) {
  const dataSection = 11;
  let at = 8;
  const byte = () => bytes[at++];
  const number = () => {
    let value = 0;
    for (let shift = 0; ; shift += 7) {
      const next = byte();
      value |= (next & 0x7f) << shift;
      if (next < 0x80) return value >>> 0;
    }
  };
  const endOfExpression = 0x0b;
  while (at < bytes.length) {
    const [section, length] = [byte(), number()];
    const end = at + length;
    for (let left = section === dataSection ? number() : 0; left > 0; left--) {
      const isPassive = number() === 1;
      if (!isPassive) while (byte() !== endOfExpression) number();
      const size = number();
      yield bytes.subarray(at, at + size);
      at += size;
    }
    at = end;
  }
}

/** Files of time zones begin so; with InvariantTimezone none of them is opened. */
function blankTimeZones(bytes) {
  const mark = 'TZif';
  for (const segment of dataSegments(bytes)) {
    const [first, last] = [segment.indexOf(mark), segment.lastIndexOf(mark)];
    if (first >= 0) segment.fill(0, first, last);
  }
}

function checkNotUsed(loader) {
  for (const [setting, why] of [
    ['"System.Globalization.Invariant": true', 'InvariantGlobalization'],
    ['"System.TimeZoneInfo.Invariant": true', 'InvariantTimezone'],
  ]) {
    if (!loader.includes(setting)) throw new Error(`The core must be built with ${why}.`);
  }
  for (const name of readdirSync(framework).filter(
    (file) => file.endsWith('.wasm') && !file.startsWith('dotnet.'),
  )) {
    if (readFileSync(join(framework, name)).includes('GlobalizationNative_'))
      throw new Error(`${name} calls the Unicode library.`);
  }
}

function lean(bytes, names) {
  blankTimeZones(bytes);
  const module = binaryen.readBinary(bytes);
  module.setFeatures(ofTheRuntime);
  const graph = read(module, names);
  const loading = [...graph.functions.values()].find(({ name }) => name === loadsUnicodeData);
  for (const id of [...dispensable(graph, exportedFunctions(module)), loading.id]) {
    binaryen.Function.setBody(module.getFunction(id), module.unreachable());
  }
  module.runPasses(['remove-unused-module-elements']);
  const small = module.emitBinary();
  if (!WebAssembly.validate(small)) throw new Error('The runtime is no longer valid.');
  return small;
}

const loaderFile = join(framework, 'dotnet.js');
const loader = readFileSync(loaderFile, 'utf8');
checkNotUsed(loader);
const runtime = readdirSync(framework).find((name) => /^dotnet\.native\..*\.wasm$/.test(name));
const names = readFileSync(symbols, 'utf8')
  .split('\n')
  .filter(Boolean)
  .map((line) => line.slice(line.indexOf(':') + 1));
const shipped = readFileSync(join(framework, runtime));
const integrity = (bytes) => `sha256-${createHash('sha256').update(bytes).digest('base64')}`;
const before = integrity(shipped);
if (!loader.includes(before)) throw new Error('The loader does not know the runtime.');
const small = lean(shipped, names);
const renamed = `dotnet.native.${createHash('sha256').update(small).digest('hex').slice(0, 10)}.wasm`;
writeFileSync(join(framework, renamed), small);
writeFileSync(loaderFile, loader.replaceAll(runtime, renamed).replaceAll(before, integrity(small)));
for (const name of readdirSync(framework)) {
  if (name.startsWith(runtime) || name.startsWith('dotnet.js.')) rmSync(join(framework, name));
}
console.log(`${runtime}: ${shipped.length} bytes, without what is never run ${small.length}.`);

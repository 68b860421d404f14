// Takes out of the .NET runtime what this program never runs, and a first visit would fetch: the Unicode library (ICU) and the time zones.
// The core is built without either (InvariantGlobalization, InvariantTimezone); the runtime as it is shipped holds them all the same, a
// third of its code and half of its constants. A function of the library is taken out where only the library
// can reach it: by a direct call, or by an address in the table that is only ever taken by the library
// itself; its constants where nothing else points at them.
import binaryen from 'binaryen';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { exportedFunctions, reached, readFunctions } from './lean/functions.mjs';
import { blank, blankTimeZones, endOfMemory } from './lean/memory.mjs';

const framework = new URL('../public/_framework/', import.meta.url).pathname;
const symbols = new URL('../../../artifacts/browser/dotnet.native.js.symbols', import.meta.url).pathname;

// The linker lays one file behind another, functions and constants alike: the library lies between these two.
const [firstOfLibrary, lastOfLibrary] = ['uprv_malloc', 'GlobalizationNative_GetICUVersion'];
const [before, behind] = [/^SystemNative_/, /^CompressionNative_/];
const leastAddresses = 1_000;
const loadsUnicodeData = 'mono_wasm_load_icu_data';

// The linker makes one of functions that are alike, under one of their names: a small one may be anybody's.
const leastLinesOfItsOwn = 15;

// What it is built with; were more allowed, it would be written as no browser but the newest reads it.
const { MutableGlobals, NontrappingFPToInt, BulkMemory, BulkMemoryOpt, SIMD128, SignExt, ExceptionHandling } =
  binaryen.Features;
const ofTheRuntime =
  MutableGlobals | NontrappingFPToInt | BulkMemory | BulkMemoryOpt | SIMD128 | SignExt | ExceptionHandling;

/** Which functions are the library's own. */
function libraryIn({ functions }) {
  const all = [...functions.values()];
  const [first, last] = [firstOfLibrary, lastOfLibrary].map((name) =>
    all.findIndex((its) => its.name === name),
  );
  if (!before.test(all[first - 1]?.name) || !behind.test(all[last + 1]?.name))
    throw new Error('The Unicode library does not lie where it did.');
  return (its) => its.linked >= first && its.linked <= last;
}

/** Functions with an address that nothing but the Unicode library goes to. */
function dispensable({ functions, addressed }, exported, isLibrary) {
  const isLong = (its) => isLibrary(its) && its.lines >= leastLinesOfItsOwn;
  const isItsOwn = (its) =>
    isLong(its) || (isLibrary(its) && [...its.calls].some((id) => isLong(functions.get(id))));
  const [unneeded, needed] = [[], []];
  for (const id of addressed) (isItsOwn(functions.get(id)) ? unneeded : needed).push(id);
  const kept = reached(functions, [...exported, ...needed]);
  return unneeded.filter((id) => !kept.has(id));
}

// Sizes, masks and largest values lie about the round numbers, and what is laid out in memory begins at even ones.
const mayBeAddress = (number) => number % 2 === 0 && (number + 16) % 4096 > 32;

/**
 * Where the library's constants lie: the longest stretch that nothing else points into, from the first place the library points at. The
 * constants of the file linked before it end where its own begin, those of the file behind begin where the stretch ends.
 */
function libraryConstants({ functions }, isLibrary, memory) {
  const addressesIn = (some) =>
    [...new Set(some.flatMap(({ numbers }) => [...numbers]))]
      .filter((number) => number < memory && mayBeAddress(number))
      .sort((a, b) => a - b);
  const all = [...functions.values()];
  const others = addressesIn(all.filter((its) => !isLibrary(its)));
  const from = others.reduce(
    (best, address, i) => (others[i + 1] - address > others[best + 1] - others[best] ? i : best),
    0,
  );
  const [after, until] = [others[from], others[from + 1]];
  const own = addressesIn(all.filter(isLibrary)).filter((address) => address > after && address < until);
  if (own.length < leastAddresses)
    throw new Error('The constants of the Unicode library do not lie where they did.');
  return { from: own[0], until };
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
  const shipped = binaryen.readBinary(bytes);
  const graph = readFunctions(shipped, names);
  const isLibrary = libraryIn(graph);
  const constants = libraryConstants(graph, isLibrary, endOfMemory(bytes));
  const loading = [...graph.functions.values()].find(({ name }) => name === loadsUnicodeData);
  const unneeded = dispensable(graph, exportedFunctions(shipped, loadsUnicodeData), isLibrary);
  shipped.dispose();

  blankTimeZones(bytes);
  blank(bytes, constants.from, constants.until);
  const module = binaryen.readBinary(bytes);
  module.setFeatures(ofTheRuntime);
  for (const id of [...unneeded, loading.id]) {
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
const known = integrity(shipped);
if (!loader.includes(known)) throw new Error('The loader does not know the runtime.');
const small = lean(shipped, names);
const renamed = `dotnet.native.${createHash('sha256').update(small).digest('hex').slice(0, 10)}.wasm`;
writeFileSync(join(framework, renamed), small);
writeFileSync(loaderFile, loader.replaceAll(runtime, renamed).replaceAll(known, integrity(small)));
for (const name of readdirSync(framework)) {
  if (name.startsWith(runtime) || name.startsWith('dotnet.js.')) rmSync(join(framework, name));
}
console.log(`${runtime}: ${shipped.length} bytes, without what is never run ${small.length}.`);

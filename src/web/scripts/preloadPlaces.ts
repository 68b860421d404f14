import type { Plugin, Rollup } from 'vite';

/** The file that names the code of every place. */
const places = '/src/app/placeCode.ts';

/** Too large to come with the rest, and seldom gone to in the first minute. */
const later = ['HandoverRoom'];

/**
 * Has the code of every place fetched beside that of the first, without being run: who loses the signal then stands before no place that
 * never came.
 */
export function preloadPlaces(): Plugin {
  return {
    name: 'preload-places',
    apply: 'build',
    transformIndexHtml: {
      order: 'post',
      handler: (_, { bundle }) => {
        const chunks = Object.values(bundle ?? {}).filter((file) => file.type === 'chunk');
        const naming = chunks.filter(({ moduleIds }) => moduleIds.some((id) => id.endsWith(places)));
        const wanted = withImports(
          naming.flatMap(({ dynamicImports }) => dynamicImports),
          chunks,
        );
        if (wanted.length === 0) throw new Error(`No place is named by ${places}.`);
        return wanted.map((file) => ({
          tag: 'link',
          injectTo: 'head',
          attrs: { rel: 'modulepreload', fetchpriority: 'low', href: `/${file}` },
        }));
      },
    },
  };
}

function withImports(files: string[], chunks: Rollup.OutputChunk[]): string[] {
  const found = new Set<string>();
  const add = (file: string) => {
    const chunk = chunks.find(({ fileName }) => fileName === file);
    if (!chunk || found.has(file) || later.includes(chunk.name)) return;
    found.add(file);
    chunk.imports.forEach(add);
  };
  files.forEach(add);
  return [...found];
}

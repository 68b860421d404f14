/// Runs the core in a worker of its own, so that typing never waits for it.

import { messageOf } from '../shared/messageOf';
import { fileCalculations } from './contract';

interface CoreExports {
  JollyBrook: { Browser: Record<'CoreExports' | 'FileExports', { Calculate: Calculate }> };
}

interface Job {
  id: number;
  name: string;
  request: string;
}

type Calculate = (name: string, request: string) => string;

interface Runtime {
  getAssemblyExports: (assembly: string) => Promise<CoreExports>;
  getConfig: () => { mainAssemblyName: string; resources: { lazyAssembly: { virtualPath: string }[] } };
  INTERNAL: { loadLazyAssembly: (name: string) => Promise<boolean> };
}

interface RuntimeModule {
  dotnet: { withConfig: (config: object) => { create: () => Promise<Runtime> } };
}

const ofFiles: readonly string[] = fileCalculations;

async function start(): Promise<(name: string, request: string) => Promise<string>> {
  const address = '/_framework/dotnet.js';
  const { dotnet } = (await import(/* @vite-ignore */ address)) as RuntimeModule;
  // Files are named by their content already.
  const runtime = await dotnet.withConfig({ disableIntegrityCheck: true }).create();
  const { mainAssemblyName, resources } = runtime.getConfig();
  const { CoreExports, FileExports } = (await runtime.getAssemblyExports(mainAssemblyName)).JollyBrook
    .Browser;
  let readers: Promise<unknown> | null = null;
  return async (name, request) => {
    if (!ofFiles.includes(name)) return CoreExports.Calculate(name, request);
    readers ??= Promise.all(
      resources.lazyAssembly.map(({ virtualPath }) => runtime.INTERNAL.loadLazyAssembly(virtualPath)),
    );
    await readers.catch((error: unknown) => {
      // The next file tries again.
      readers = null;
      throw error;
    });
    return FileExports.Calculate(name, request);
  };
}

/** A file the runtime can't fetch leaves it waiting for ever: what it throws meanwhile ends the wait. */
function broken(): Promise<never> {
  return new Promise((_, reject) =>
    self.addEventListener(
      'unhandledrejection',
      (event) => {
        event.preventDefault();
        reject(new Error(messageOf(event.reason)));
      },
      { once: true },
    ),
  );
}

let hasStarted = false;
const core = Promise.race([start(), broken()]);
void core.then(
  () => (hasStarted = true),
  () => undefined,
);

// Not onmessage: the runtime takes a worker that has one for a thread of its own, and waits for ever.
self.addEventListener('message', (message: MessageEvent<Job>) => void answer(message.data));

async function answer({ id, name, request }: Job) {
  try {
    const calculate = await core;
    self.postMessage({ id, outcome: await calculate(name, request) });
  } catch (error) {
    self.postMessage({ id, failure: messageOf(error), hasStarted });
  }
}

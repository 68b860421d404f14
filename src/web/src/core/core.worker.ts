/// Runs the core in a worker of its own, so that typing never waits for it.

interface CoreExports {
  JollyBrook: { Browser: { CoreExports: { Calculate(name: string, request: string): string } } };
}

interface Job {
  id: number;
  name: string;
  request: string;
}

type Calculate = (name: string, request: string) => string;

async function start(): Promise<Calculate> {
  const address = '/_framework/dotnet.js';
  const { dotnet } = await import(/* @vite-ignore */ address);
  // Files are named by their content already.
  const { getAssemblyExports, getConfig } = await dotnet.withConfig({ disableIntegrityCheck: true }).create();
  const exports: CoreExports = await getAssemblyExports(getConfig().mainAssemblyName);
  return (name, request) => exports.JollyBrook.Browser.CoreExports.Calculate(name, request);
}

const core = start();

// Not onmessage: the runtime takes a worker that has one for a thread of its own, and waits for ever.
self.addEventListener('message', async (message: MessageEvent<Job>) => {
  const { id, name, request } = message.data;
  try {
    const calculate = await core;
    self.postMessage({ id, outcome: calculate(name, request) });
  } catch (error) {
    self.postMessage({ id, failure: String(error) });
  }
});

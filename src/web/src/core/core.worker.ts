/// Runs the core in a worker of its own, so that typing never waits for it.

interface CoreExports {
  JollyBrook: { Browser: { CoreExports: { Calculate(name: string, request: string): string } } };
}

interface Job {
  id: number;
  name: string;
  request: string;
}

async function start(): Promise<CoreExports> {
  const address = '/_framework/dotnet.js';
  const { dotnet } = await import(/* @vite-ignore */ address);
  const { getAssemblyExports, getConfig } = await dotnet.create();
  return getAssemblyExports(getConfig().mainAssemblyName);
}

const core = start();

self.onmessage = async (message: MessageEvent<Job>) => {
  const { id, name, request } = message.data;
  try {
    const exports = await core;
    self.postMessage({ id, outcome: exports.JollyBrook.Browser.CoreExports.Calculate(name, request) });
  } catch (error) {
    self.postMessage({ id, failure: String(error) });
  }
};

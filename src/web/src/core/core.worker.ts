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
  const { getAssemblyExports, getConfig } = await dotnet.create();
  const exports: CoreExports = await getAssemblyExports(getConfig().mainAssemblyName);
  const calculate: Calculate = (name, request) =>
    exports.JollyBrook.Browser.CoreExports.Calculate(name, request);
  warmUp(calculate);
  return calculate;
}

/** First calls are slow: they are made while the page is still being drawn. */
function warmUp(calculate: Calculate) {
  const { defaults } = JSON.parse(calculate('catalogue', '{}')).body;
  const { method, date, light, ...water } = defaults;
  calculate('treat', JSON.stringify({ method, water, chemical: { date, light } }));
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

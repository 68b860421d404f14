import type { CalculationName, Request } from './contract';
import type { Outcome } from './core';

/// Long calculations run in a core of their own, so that the plan stays live beside them.

let worker: Worker | null = null;
let lastId = 0;
const waiting = new Map<number, { resolve: (json: string) => void; reject: (error: Error) => void }>();

function start(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = (message: MessageEvent<{ id: number; outcome?: string; failure?: string }>) => {
    const { id, outcome, failure } = message.data;
    const job = waiting.get(id);
    waiting.delete(id);
    if (outcome !== undefined) job?.resolve(outcome);
    else job?.reject(new Error(failure ?? 'The core did not answer.'));
  };
  return worker;
}

/** Runs a calculation that may take seconds. */
export async function calculateLong<N extends CalculationName>(
  name: N,
  request: Request<N>,
): Promise<Outcome<N>> {
  const id = ++lastId;
  const json = await new Promise<string>((resolve, reject) => {
    waiting.set(id, { resolve, reject });
    start().postMessage({ id, name, request: JSON.stringify(request) });
  });
  const { status, body } = JSON.parse(json) as { status: number; body: never };
  return status === 200 ? { ok: true, response: body } : { ok: false, problem: body };
}

/** Ends what is running; nobody is answered. */
calculateLong.cancel = () => {
  worker?.terminate();
  worker = null;
  waiting.clear();
};

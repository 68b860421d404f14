import type { CalculationName, Request } from './contract';
import { outcomeOf, type Outcome } from './core';
import { coreHealth } from './coreHealth';
import { CoreWorker } from './CoreWorker';
import { longPatienceMs, serverFirst } from './serverCore';

/** A core of its own for long calculations, so that the plan stays live beside them. */
const core = new CoreWorker();

/** Runs a calculation that may take seconds, by the server's own copy of the core where that can be had. */
export const calculateLong = <N extends CalculationName>(name: N, request: Request<N>): Promise<Outcome<N>> =>
  follow(request, (json) => serverFirst(name, json, () => core.ask(name, json), longPatienceMs));

/** Runs one in this page whatever the signal: a file is read where it lies. */
export const calculateLongHere = <N extends CalculationName>(
  name: N,
  request: Request<N>,
): Promise<Outcome<N>> => follow(request, (json) => core.ask(name, json));

async function follow<N extends CalculationName>(
  request: Request<N>,
  ask: (json: string) => Promise<string>,
): Promise<Outcome<N>> {
  const asked = ask(JSON.stringify(request));
  coreHealth.follow(asked);
  return outcomeOf(await asked);
}

/** Ends what is running; nobody is answered. */
export function cancelLong() {
  core.end();
}

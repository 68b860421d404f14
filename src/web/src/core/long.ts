import type { CalculationName, Request } from './contract';
import { outcomeOf, type Outcome } from './core';
import { coreHealth } from './coreHealth';
import { CoreWorker } from './CoreWorker';

/** A core of its own for long calculations, so that the plan stays live beside them. */
const core = new CoreWorker();

/** Runs a calculation that may take seconds. */
export async function calculateLong<N extends CalculationName>(
  name: N,
  request: Request<N>,
): Promise<Outcome<N>> {
  const asked = core.ask(name, JSON.stringify(request));
  coreHealth.follow(asked);
  return outcomeOf(await asked);
}

/** Ends what is running; nobody is answered. */
export function cancelLong() {
  core.end();
}

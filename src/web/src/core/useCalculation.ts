import { startTransition, useEffect, useState } from 'react';
import type { CalculationName, Problem, Request, Response } from './contract';
import { Abandoned } from './Abandoned';
import { calculate, type Outcome } from './core';
import { messageOf } from '../shared/messageOf';

export interface Calculated<N extends CalculationName> {
  /** The answer to the newest request; null before the first, and while the request can't be right. */
  response: Response<N> | null;
  problem: Problem | null;
  /** The request that the response or problem answers; for a moment after a change, the one before. */
  answered: Request<N> | null;
  /** Why the core itself could not run. */
  failure: string | null;
}

const nothing = { response: null, problem: null, answered: null, failure: null };

/**
 * Keeps the answer to a request that changes. An answer overtaken by a newer request is dropped. What takes long and is not waited for is
 * worked out by another core than the rest.
 */
export function useCalculation<N extends CalculationName>(
  name: N,
  request: Request<N> | null,
  run: <M extends CalculationName>(name: M, request: Request<M>) => Promise<Outcome<M>> = calculate,
): Calculated<N> {
  const [state, setState] = useState<Calculated<N>>(nothing);
  // How often the newest was given up: where it is wanted all the same, it is asked for again.
  const [givenUp, setGivenUp] = useState(0);
  const key = request === null ? null : JSON.stringify(request);

  useEffect(() => {
    if (key === null) return;
    let overtaken = false;
    const asked = JSON.parse(key) as Request<N>;
    run(name, asked).then(
      (outcome) => {
        if (overtaken) return;
        const next = outcome.ok
          ? { ...nothing, answered: asked, response: outcome.response }
          : { ...nothing, answered: asked, problem: outcome.problem };
        // Drawn in pieces: a tap that comes meanwhile goes first.
        startTransition(() => setState(next));
      },
      (error: unknown) => {
        if (overtaken) return;
        if (error instanceof Abandoned) setGivenUp((times) => times + 1);
        else setState({ ...nothing, failure: messageOf(error) });
      },
    );
    return () => {
      overtaken = true;
    };
  }, [name, key, run, givenUp]);

  return state;
}

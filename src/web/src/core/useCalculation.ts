import { useEffect, useState } from 'react';
import type { CalculationName, Problem, Request, Response } from './contract';
import { calculate } from './core';

export interface Calculated<N extends CalculationName> {
  /** The answer to the newest request; null before the first, and while the request can't be right. */
  response: Response<N> | null;
  problem: Problem | null;
  /** Why the core itself could not run. */
  failure: string | null;
}

/** Keeps the answer to a request that changes. An answer overtaken by a newer request is dropped. */
export function useCalculation<N extends CalculationName>(
  name: N,
  request: Request<N> | null,
): Calculated<N> {
  const [state, setState] = useState<Calculated<N>>({ response: null, problem: null, failure: null });
  const key = request === null ? null : JSON.stringify(request);

  useEffect(() => {
    if (key === null) return;
    let overtaken = false;
    calculate(name, JSON.parse(key) as Request<N>).then(
      (outcome) => {
        if (overtaken) return;
        setState(
          outcome.ok
            ? { response: outcome.response, problem: null, failure: null }
            : { response: null, problem: outcome.problem, failure: null },
        );
      },
      (error: Error) => {
        if (!overtaken) setState({ response: null, problem: null, failure: error.message });
      },
    );
    return () => {
      overtaken = true;
    };
  }, [name, key]);

  return state;
}

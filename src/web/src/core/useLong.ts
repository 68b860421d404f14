import { useState } from 'react';
import type { CalculationName, Request, Response } from './contract';
import { calculateLong } from './long';
import { messageOf } from '../shared/messageOf';

/** A long calculation asked for by a tap: worked out beside the rest, so that nothing waits for it. */
export function useLong<N extends CalculationName>(name: N) {
  const [state, setState] = useState<{ key: string; response: Response<N> | null; wrong: string | null }>();
  const [busy, setBusy] = useState(false);
  const ask = async (request: Request<N>) => {
    const key = JSON.stringify(request);
    setBusy(true);
    const outcome = await calculateLong(name, request).catch((error: unknown) => new Error(messageOf(error)));
    setBusy(false);
    if (outcome instanceof Error) setState({ key, response: null, wrong: outcome.message });
    else if (outcome.ok) setState({ key, response: outcome.response, wrong: null });
    else
      setState({ key, response: null, wrong: outcome.problem.errors[0]?.message ?? outcome.problem.title });
  };
  /** The answer to this very request; null where it was not asked yet, or something has changed since. */
  const answerTo = (request: Request<N>) =>
    state?.key === JSON.stringify(request) ? state : { response: null, wrong: null };
  return { ask, answerTo, busy };
}
